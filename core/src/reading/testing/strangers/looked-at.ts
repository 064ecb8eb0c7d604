/** Lines by the writers of `counted.ts`, for whoever wants to see what is misread. */
export const LOOKED_AT: Readonly<Record<string, string>> = {
  'American blogs': String.raw`
2 ½ cups (300g) all purpose flour, fluffed, spooned and leveled => 2 1/2 cup flour-wheat-all-purpose =300
1 cup cold buttermilk, plus 1 tbsp for brushing => 1 cup buttermilk && 1 tbsp buttermilk
¾ cup (170g) unsalted butter, cold & cubed => 3/4 cup butter =170
3 large eggs + 1 yolk, room temperature => 3 each egg-whole && 1 each egg-yolk
1 box (3.4 oz) instant vanilla pudding mix => 1 each pudding-mix =96.4
12 oz frozen blueberries (do not thaw!) => 12 oz blueberries
1/4 tsp each salt and nutmeg => 1/4 tsp salt-table && 1/4 tsp nutmeg
about 3 cups shredded zucchini, squeezed in a towel => 3 cup zucchini
1 tbsp lemon juice or white vinegar => 1 tbsp juice-lemon
2 cups chopped dark chocolate (I used 70%) => 2 cup chocolate-dark
1/3 cup plus 1 tablespoon vegetable oil => 19/48 cup oil-vegetable
1 (15 oz) can pumpkin puree, blotted => 1 each pumpkin-puree =425.2
1 whole vanilla bean, seeds scraped => 1 each vanilla-bean
3 to 4 tbsp ice water => 3..4 tbsp water
1 cup old-fashioned whole rolled oats => 1 cup oats-rolled
2 tsp apple pie spice => 2 tsp mixed-spice
½ cup creamy peanut butter (not natural) => 1/2 cup peanut-butter
2 tablespoons Dutch-process cocoa powder, sifted => 2 tbsp cocoa
1 cup coarsely chopped walnuts, toasted at 350F for 8 min => 1 cup walnuts
Powdered sugar for dusting, optional => - - sugar-powdered
1 large orange, zested and juiced => 1 each zest-orange && 1 each juice-orange
2 TBSP sugar + 1 TSP cinnamon for topping => 2 tbsp sugar-granulated && 1 tsp cinnamon
1 c. sour cream or Greek yogurt => 1 cup cream-sour
4 cups (480g) strong bread flour, scooped => 4 cup flour-wheat-bread =480
1 egg beaten with 1 tbsp water (egg wash) => 1 each egg-whole && 1 tbsp water
6 tablespoons (85g) butter, melted and slightly cooled => 6 tbsp butter =85
1½ cups white sugar, divided use => 1 1/2 cup sugar-granulated
3/4 cup semisweet mini chips => 3/4 cup chocolate-chips
`,
  'old American books': String.raw`
1/2 c. butter, scant => 1/2 cup butter
2 cupfuls of bread crumbs soaked in 1 pint of milk => 2 cup breadcrumbs-dry && 1 pint milk-whole
1 pound sugar, 1 pound flour, 10 eggs => 1 lb sugar-granulated && 1 lb flour-wheat-all-purpose && 10 each egg-whole
1 nutmeg grated => 1 each nutmeg
3 tablespoonfuls of Jamaica ginger => 3 tbsp ginger-ground
A pinch of soda => 1 pinch baking-soda
1 cup cold strong coffee => 1 cup coffee-brewed
1 c. chopped suet => 1 cup suet
2 teaspoons cream tartar sifted with the flour => 2 tsp cream-of-tartar
one-half cupful of chopped figs => 1/2 cup figs-fresh
1 large cup of brown sugar => 1 cup sugar-brown
1 cup of sour cream with 1 tsp. soda => 1 cup cream-sour && 1 tsp baking-soda
3/4 lb. almonds, blanched and pounded => 3/4 lb almonds
2 eggs, 1 cup sugar, 1 cup sweet milk => 2 each egg-whole && 1 cup sugar-granulated && 1 cup milk-whole
a piece of butter the size of a hickory nut => 1 tbsp butter
1 qt. sifted flour => 1 quart flour-wheat-all-purpose sifted
1 yeast cake softened in 1/2 cup of the milk => 1 each yeast-fresh
2 tbls. vinegar => 2 tbsp vinegar-cider
1 c. seeded raisins chopped fine => 1 cup raisins
1/2 tsp. salt (scant) => 1/2 tsp salt-table
`,
  British: String.raw`
6oz/175g caster sugar => 6 oz sugar-granulated
175g butter, at room temperature, plus a little for greasing => 175 g butter =175
3 large eggs, beaten with a fork => 3 each egg-whole
1 tsp baking powder (level) => 1 tsp baking-powder
zest and juice 1 unwaxed lemon => 1 each zest-lemon && 1 each juice-lemon
2 tbsp milk, if needed => 2 tbsp milk-whole
100g icing sugar, sifted => 100 g sugar-powdered =100
400g tin chopped tomatoes => 400 g tomatoes-canned =400
1 sachet easy-blend yeast => 1 packet yeast-instant
150ml pot natural yogurt => 150 ml yogurt-plain
a handful of sultanas => 1/4 cup raisins
25g/1oz flaked almonds, toasted => 25 g almonds =25
½ tsp ground mixed spice => 1/2 tsp mixed-spice
250g block of marzipan, cold, grated => 250 g marzipan =250
1 heaped tsp cornflour => 1 tsp starch-corn
2 Granny Smith apples, cored and diced => 2 each apple
demerara sugar, for sprinkling => - - sugar-demerara
568ml/1 pint whole milk => 568 ml milk-whole
50g unsalted butter, melted, plus 15g for the tin => 50 g butter && 15 g butter
1 egg yolk, to glaze => 1 each egg-yolk
small bunch of mint leaves => - - mint-fresh
140g light soft brown sugar => 140 g sugar-brown =140
`,
  'Australian and Canadian': String.raw`
1 2/3 cups (250g) plain flour, sifted => 1 2/3 cup flour-wheat-all-purpose =250
80g dark choc bits => 80 g chocolate-chips =80
1/3 cup (75g) caster sugar, plus 1 tbs extra => 1/3 cup sugar-granulated && 1 tbsp sugar-granulated
2 tbs desiccated coconut => 2 tbsp coconut-desiccated
1 x 60g egg, lightly whisked => 1 each egg-whole
250ml (1 cup) milk => 250 ml milk-whole
3 tsp baking powder => 3 tsp baking-powder
1 large ripe mango, flesh diced => 1 each mango
2 cups all-purpose flour, lightly spooned in => 2 cup flour-wheat-all-purpose spooned
1 cup graham cracker crumbs => 1 cup crumbs-biscuit
125 mL cold water => 125 ml water
1 tbsp corn syrup => 1 tbsp syrup-corn-light
2 cups partridgeberries or cranberries, frozen => 2 cup cranberries-fresh
454 g butter (1 lb) => 454 g butter =454
1 can (300 mL) sweetened condensed milk => 300 ml milk-condensed-sweetened
1/2 tsp (2 mL) salt => 1/2 tsp salt-table
`,
  'Indian English': String.raw`
2 cups whole wheat flour / atta => 2 cup flour-wheat-whole
1/4 cup milk (luke warm) => 1/4 cup milk-whole
1/2 cup malai => 1/2 cup cream-clotted
7-8 badam, slivered => 7..8 each almonds
1 tsp rose water (optional) => 1 tsp rose-water
1/2 cup boora or powdered sugar => 1/2 cup sugar-powdered
1 cup rava/suji, dry roasted => 1 cup semolina
2 pinch haldi => 2 pinch turmeric
salt as per taste => - - salt-table
1 small cup dahi => 1 cup yogurt-plain
1/4 tsp baking soda / cooking soda => 1/4 tsp baking-soda
1.5 tbsp corn flour mixed in 2 tbsp water => 1 1/2 tbsp starch-corn && 2 tbsp water
2 ripe bananas (mashed) => 2 each banana
1/2 cup grated coconut (fresh) => 1/2 cup coconut-fresh
3-4 green cardamoms, crushed => 3..4 each cardamom-pods
oil for deep frying => - - oil-vegetable
`,
  German: String.raw`
300 g Weizenmehl Type 405, gesiebt => 300 g flour-wheat-all-purpose =300
1 Pkt. Vanillezucker => 1 packet sugar-vanilla
125 g Butter, zimmerwarm => 125 g butter =125
2 gehäufte EL Kakao => 2 tbsp cocoa
4 Eier (Gr. L), getrennt => 4 each egg-whole
1 Schuss Milch => - - milk-whole
etwas Zitronensaft => - - juice-lemon
100 g Zucker + 2 EL zum Bestreuen => 100 g sugar-granulated && 2 tbsp sugar-granulated
1 TL (gestrichen) Salz => 1 tsp salt-table
250 g Frischkäse, Doppelrahmstufe => 250 g cream-cheese =250
1 Dose Mandarinen (175 g Abtropfgewicht) => 1 each mandarin-segments =175
8 EL Öl => 8 tbsp oil-vegetable
150 g Naturjoghurt => 150 g yogurt-plain =150
50 g gehackte Walnüsse => 50 g walnuts =50
1/2 Päckchen Trockenhefe => 1/2 packet yeast-active-dry
Zesten einer Orange => 1 each zest-orange
100 ml Mineralwasser mit Kohlensäure => 100 ml soda-water
200 g Himbeeren (TK) => 200 g raspberries =200
2 EL Honig, flüssig => 2 tbsp honey
1 Prise Muskat => 1 pinch nutmeg
700 g Kürbisfleisch, gewürfelt => 700 g pumpkin =700
Butter und Semmelbrösel für die Form => - - butter && - - breadcrumbs-dry
Puderzucker zum Bestäuben => - - sugar-powdered
3 EL Amaretto => 3 tbsp gin-sloe
`,
  French: String.raw`
3 œufs entiers + 2 jaunes => 3 each egg-whole && 2 each egg-yolk
180 g de sucre roux => 180 g sugar-brown =180
1/2 sachet de levure chimique (5 g) => 1/2 packet baking-powder =5
100 g de beurre fondu refroidi => 100 g butter =100
1 cuil. à soupe d'eau de fleur d'oranger => 1 tbsp orange-flower-water
20 cl de crème fraîche épaisse => 200 ml creme-fraiche
1 c. à soupe bombée de cacao amer => 1 tbsp cocoa
2 poires bien mûres => 2 each pear
50 g de noix concassées => 50 g walnuts =50
1 sachet de sucre vanillé ou 1 c. à café d'extrait => 1 packet sugar-vanilla
sel => - - salt-table
250 ml de lait demi-écrémé => 250 ml milk-reduced-fat
500 g de pâte brisée => 500 g pastry-shortcrust =500
beurre pour le moule => - - butter
1 citron vert (zeste) => 1 each zest-orange
4 c. à soupe d'huile neutre => 4 tbsp oil-vegetable
1 pincée de muscade => 1 pinch nutmeg
100 g de flocons d'avoine => 100 g oats-rolled =100
2 bananes écrasées à la fourchette => 2 each banana
200 g de fromage blanc => 200 g quark =200
6 cl de rhum ambré => 60 ml rum
125 g de pralin => 125 g pralines =125
quelques framboises pour décorer => - - raspberries
`,
  damaged: String.raw`
1 l/2 c flour => 1 1/2 cup flour-wheat-all-purpose
2 tspn baking powder => 2 tsp baking-powder
1/2 cup mi1k => 1/2 cup milk-whole
3 Tlb. sugar => 3 tbsp sugar-granulated
2 larg egg => 2 each egg-whole
200gr. butter => 200 g butter =200
1 cup suger => 1 cup sugar-granulated
I tsp vanilla => 1 tsp vanilla-extract
3/4cup honey => 3/4 cup honey
1tsp.cinnamon => 1 tsp cinnamon
2 1/2cups whole wheat fiour => 2 1/2 cup flour-wheat-whole
1/2 tea spoon salt => 1/2 tsp salt-table
4 table spoons butter => 4 tbsp butter
1 cup choped nuts => 1 cup walnuts
2 cup's flour => 2 cup flour-wheat-all-purpose
1 pkg . dry yeast => 1 packet yeast-active-dry
1 c raisens => 1 cup raisins
8 ounces of creme cheese => 8 oz cream-cheese
`,
  'pages and chats': String.raw`
◦ 1 cup brown sugar => 1 cup sugar-brown
2. 1 tsp baking soda => 1 tsp baking-soda
Sugar = 150g => 150 g sugar-granulated =150
flour 250gr => 250 g flour-wheat-all-purpose =250
3 x eggs => 3 each egg-whole
water, 300 ml => 300 ml water
Olive oil: 2 tbsp => 2 tbsp oil-olive
☑️ 1/2 cup cocoa powder => 1/2 cup cocoa
butter (softened) - 100g => 100 g butter =100
50 g sugar (1/4 cup) => 50 g sugar-granulated =50
Salt (1 tsp) => 1 tsp salt-table
1 cup [240 ml] milk => 1 cup milk-whole
1 cup sugar ($0.40) => 1 cup sugar-granulated
cinnamon 1tsp optional => 1 tsp cinnamon
`,
};
