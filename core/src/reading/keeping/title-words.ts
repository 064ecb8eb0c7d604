/*
 * What a dish is by the head noun of its title, in the languages that are read. The words are
 * written without accents and capitals, as `titleWords` gives them.
 */

/** Made to keep outside the fridge, whatever stands before it. */
export const PRESERVES: ReadonlySet<string> = new Set(
  `jam jams marmalade marmalades chutney chutneys relish relishes pickle pickles preserve preserves
  conserve conserves piccalilli kimchi kimchee sauerkraut kraut gravlax gravadlax gravlaks kombucha
  ketchup catsup confit jerky biltong bresaola pancetta salami coppa rillettes
  chowchow giardiniera achar achaar gherkins cornichons rumtopf prosciutto speck lardo guanciale
  membrillo umeboshi tsukemono tepache
  powidl latwerge dauerwurst landjager trockenfleisch fruchtaufstrich apfelkraut salzzitronen solei soleier
  confiture confitures marmelade marmelades confits saucisson saucissons conserves bocaux`.split(
    /\s+/,
  ),
);

/** The last part of a German word that makes it a preserve. */
export const PRESERVE_ENDINGS =
  /(?:marmelade|konfiture|gelee|chutney|relish|(?:essig|gewurz|salz|senf|dill|knoblauch)gurken|(?:zwetschgen|zwetschken|pflaumen|birnen|hagebutten|quitten|holunder|marillen|aprikosen|kirsch)mus|sauerkraut|ketchup|salami|trockenfleisch|fruchtaufstrich|rumtopf|confit|(?:knoblauch|krauter|barlauch|basilikum|rosmarin)ol)$/;

/** A jelly is a preserve, and a dessert where gelatine sets it. */
export const JELLIES: ReadonlySet<string> = new Set(['jelly', 'jellies', 'gelee', 'gelees']);

/** Preserved, said before a noun in English and German, behind it in French. */
export const PRESERVED: ReadonlySet<string> = new Set(
  `pickled preserved canned fermented lactofermented cured homecured drycured saltcured homecanned
  bottled canning
  eingelegte eingelegter eingelegtes eingelegten eingemachte eingemachter eingemachtes eingemachten
  eingeweckte eingeweckter eingewecktes eingekochte eingekochter eingekochtes fermentierte
  fermentierter fermentiertes gepokelte gepokelter gepokeltes gebeizter gebeizte gebeiztes
  luftgetrocknete luftgetrockneter milchsaure milchsaures
  fermente fermentee fermentes fermentees lactofermente lactofermentee lactofermentes lactofermentees
  eingelegt eingemacht eingekocht eingeweckt fermentiert gepokelt gebeizt
  sterilise sterilises saumure`.split(/\s+/),
);

/** Dry, of what is hung: a sausage, ham, beef. */
export const HUNG: ReadonlySet<string> = new Set(
  `sausage sausages ham hams beef meat pork wurst wurste schinken jambon viande saucisse saucisses magret canard filet
  bacon`.split(/\s+/),
);
export const DRIED: ReadonlySet<string> = new Set(
  `dry dried smoked cured airdried getrocknete getrockneter luftgetrocknete luftgetrockneter
  geraucherte geraucherter sec seche sechee seches sechees cru fume fumee`.split(/\s+/),
);

/** Kept under fat in jars; without a jar they are fresh dishes. */
export const POTTED: ReadonlySet<string> = new Set(
  `terrine terrines gras pate pates leberwurst wurst fleisch gulasch pork beef meat chicken duck
  goose fish soup stock beans tuna foie`.split(/\s+/),
);

/** Kept cold and eaten within days: scaled like any other. */
export const CHILLED: ReadonlySet<string> = new Set(
  `curd curds cordial cordials compote compotes syrup syrups coulis applesauce shrub
  sirup kompott apfelmus grutze rote
  sirop sirops coulis`.split(/\s+/),
);
export const CHILLED_ENDINGS = /(?:sirup|kompott|grutze|apfelmus|fruchtmus)$/;

/** What is baked, cooked and eaten: named after a preserve it still is none. */
export const DISHES: ReadonlySet<string> = new Set(
  `cake cakes cupcake cupcakes cheesecake cheesecakes tart tarts tartlet tartlets roll rolls rollup
  roulade cookie cookies biscuit biscuits bar bars slice slices square squares slab slabs muffin
  muffins bread breads loaf loaves bun buns doughnut doughnuts donut donuts pudding puddings scone
  scones crumble crumbles cobbler cobblers crisp pie pies turnover turnovers thumbprint thumbprints
  pastry pastries pancake pancakes crepe crepes sandwich sandwiches sponge trifle rugelach hamantaschen
  brownie brownies blondie blondies polypoly rolypoly pinwheels strudel danish croissant croissants
  focaccia pizza pizzas flatbread flatbreads cracker crackers pasty shortbread flapjack flapjacks
  granola porridge oats oatmeal popover popovers waffle waffles macaron macarons meringue pavlova
  cream icecream gelato sorbet sherbet mousse parfait fool pannacotta custard frosting icing glaze
  filling sauce salsa dip dressing vinaigrette marinade salad salads slaw coleslaw soup stew curry
  tagine rice bowl bowls noodles pasta risotto burger burgers taco tacos wrap wraps toast toasts
  quiche frittata omelette omelet hash casserole gratin bake pot skewers kebabs hotpot ramen dumplings
  gyoza fritters latkes chicken dinner starter levain dough
  kuchen torte torten tarte tartes kekse keks platzchen brot brote brotchen zopf stollen krapfen
  berliner pfannkuchen palatschinken waffeln hornchen schnecken taschen strudel auflauf pudding
  salat suppe eintopf sosse soße biskuit rolle roulade quark creme eis parfait knodel nudeln
  gateau gateaux cake biscuits sable sables brioche brioches beignet beignets crepe crepes tartelettes
  tartelette roule pain pains buche croissants chausson chaussons feuillete pancakes gaufres madeleines
  financiers clafoutis baba babas charlotte bavarois glace salade soupe potage risotto pates poulet
  tajine riz galette galettes muffins macarons entremets
  pesto hummus bonbons caramels toffee fudge truffles`.split(/\s+/),
);

/** The last part of a German word that makes it a dish. */
export const DISH_ENDINGS =
  /(?:kuchen|torte|tortchen|tarte|platzchen|kekse?|brot|brotchen|zopf|stollen|krapfen|pfannkuchen|waffeln|hornchen|schnecken|taschen|strudel|auflauf|pudding|salat|suppe|eintopf|sosse|biskuit|rolle|rollen|roulade|creme|eis|parfait|knodel|nudeln|muffins?|schnitten|streusel|kipferl|pralinen|pfanne|topfchen|taler|sterne|ecken|herzen|teig|pizza|quiche|burger|curry)$/;

/** Between the head of a name and what is told of it. */
export const PREPOSITIONS: ReadonlySet<string> = new Set(
  `with of in for from on by to w made using over under without
  mit im aus fur auf vom von nach zum zur ohne
  de d du des a l au aux en sans pour sur avec`.split(/\s+/),
);

/** Words by which a title is French: there the head comes first. */
export const FRENCH: ReadonlySet<string> = new Set(
  `de du des d l la le les a au aux en sans pour avec et ma mes recette maison`.split(/\s+/),
);

/** Said around the head, never the head. */
export const NOISE: ReadonlySet<string> = new Set(
  `the a an my our your best easy simple quick homemade recipe recipes style old fashioned classic
  ever grandma grandmas mums moms auntie s no perfect
  das der die ein eine mein meine omas oma rezept einfach einfache schnelle schneller selbstgemacht
  selbstgemachte selbst gemacht klassisch
  la le les ma mes mon l d recette recettes petite petit facile maison vraie vrai`.split(/\s+/),
);

/** Spirits that fruit is kept in. */
export const SPIRITS: ReadonlySet<string> = new Set(
  `rum brandy vodka kirsch gin whisky whiskey bourbon spirits alcohol schnaps kirschwasser obstler
  cognac armagnac rhum eaudevie vie grappa`.split(/\s+/),
);

/** What keeps fruit, garlic and herbs under oil. */
export const OILS: ReadonlySet<string> = new Set(['oil', 'ol', 'olivenol', 'huile']);

/** In a jar. */
export const JARRED: ReadonlySet<string> = new Set(
  `jar jars glas glasern bocal bocaux conserve conserves canning einkochen einmachen einwecken
  vorrat winter`.split(/\s+/),
);
