/*
 * Titles and recipes as people write them, by what they are. `|` parts the lines of a recipe.
 */

/** Made to keep outside the fridge. */
export const PRESERVES = `
Bread and butter pickles
Bread-and-Butter Pickles | 2 kg cucumbers | 500 ml cider vinegar | 300 g sugar
Grandma's best dill pickles (canned)
Strawberry jam
No-pectin blueberry jam | 1 kg blueberries | 600 g sugar
Easy peach preserves
Seville orange marmalade
Three-fruit marmalade
Red pepper jelly
Mint and apple jelly | 1 kg apples | 800 g sugar
Apple butter
Slow cooker pumpkin butter
Plum butter
Tomato ketchup
Homemade ketchup with dates
Green tomato chutney
Mango chutney for the cheese board
Sweetcorn relish
Piccalilli
Kimchi
Quick kimchi from white cabbage
Sauerkraut
Kombucha
Kombucha | 2 l tea | 150 g sugar | 1 scoby
Preserved lemons
Moroccan preserved lemons with bay
Pickled onions
Spicy pickled green beans
Pickled eggs
Canned peaches in light syrup
Home-canned tomatoes
Fruit in rum
Cherries in brandy
Plums in vodka
Duck confit
Confit of duck legs with thyme
Garlic confit
Garlic confit in oil
Garlic in oil
Basil oil
Rosemary and garlic infused oil
Sun-dried tomatoes in oil
Beef jerky
Teriyaki turkey jerky
Dry sausage
Air-dried beef
Home-cured bacon
Cured salmon with dill
Gravlax
Foie gras in jars
Pork terrine in jars
Chicken soup for canning
Fermented carrots with ginger
Lacto-fermented garlic
Giardiniera
Corned beef | 2 kg beef brisket | 200 g salt | 5 g curing salt
Carrots | 1 kg carrots | Cover with a 3% brine and ferment for 10 days.
Pears | 2 kg pears | 500 g sugar | Process the jars in a water bath for 20 minutes.
Elderberries | 1 kg elderberries | Pour into sterilised bottles.
Ham | 5 kg pork leg | 250 g salt | Hang in a cool place for 3 weeks.
Erdbeermarmelade
Erdbeer-Rhabarber-Marmelade
Omas Zwetschgenmus
Pflaumenmus aus dem Ofen
Konfitüre aus Quitten
Johannisbeergelee
Quittengelee mit Vanille
Apfel-Zwiebel-Chutney
Eingelegte Gurken
Essiggurken
Senfgurken nach Omas Art
Eingemachte Kirschen
Eingeweckte Birnen
Eingelegter Kürbis süß-sauer
Sauerkraut selbst gemacht
Rumtopf
Rum pot
Früchte in Rum
Kirschen in Schnaps
Knoblauch in Öl
Bärlauchöl
Tomatenketchup
Gebeizter Lachs
Salami
Luftgetrockneter Schinken
Salzzitronen
Leberwurst im Glas
Fermentierte Möhren
Entenconfit
Gulasch zum Einkochen im Glas
Bohnen | 1 kg Bohnen | Mit 5 %iger Salzlake bedecken.
Confiture de fraises
Confiture d'abricots à la vanille
Ma confiture de figues
Gelée de groseilles
Gelée de coings
Marmelade d'oranges
Chutney de mangue
Cornichons au vinaigre
Pickles d'oignons rouges
Citrons confits
Citrons confits au sel
Ail confit à l'huile
Confit de canard
Confit d'oignons
Rillettes de porc
Saucisson sec
Jambon sec maison
Terrine de campagne en bocaux
Foie gras en bocal
Cerises à l'eau-de-vie
Tomates séchées à l'huile
Légumes lacto-fermentés
Saumon gravlax
Kimchi de chou
Ketchup maison
Haricots | 1 kg de haricots | Stériliser les bocaux.
`;

/** Baked, cooked, fresh or chilled. */
export const NO_PRESERVES = `
Jam roly-poly
Jam roly poly with custard | 200 g flour | 100 g suet | 150 g jam
Doughnuts with marmalade
Jam doughnuts
Sandwich biscuits with jelly
Peanut butter and jelly bars
Marmalade cake
Orange marmalade loaf
Jam tarts
Jam cake
Blackberry jam cake
Pickle bread
Dill pickle bread
Pickle sandwich loaf
Jelly roll
Kimchi pancakes
Kimchi fried rice
Sauerkraut soup
Chutney cheese scones
Ketchup meatloaf
Peanut butter
Garlic butter
Brown butter cookies
Peanut butter cookies
Butter
Preserved lemon chicken tagine
Pickled ginger salad
Canned peach cobbler
Cured ham croissants
Bacon and cheese scones
Candied bacon
Maple bacon muffins
Ham and pea quiche
Rum and raisin ice cream
Baba in rum syrup
Bananas in rum sauce
Pears in red wine
Rum balls
Brandy snaps
Fruit salad
Mango sorbet | 500 g mango | 150 g sugar | 1 tbsp lemon juice | Churn and freeze.
Strawberry sorbet
Pavlova | 4 egg whites | 200 g sugar | 300 g strawberries
Cucumber salad | 2 cucumbers | 50 ml vinegar | 1 tsp salt
Coleslaw
Sourdough starter | 100 g flour | 100 g water
Sourdough bread | 500 g flour | 350 g water | 10 g salt
Yeast dough
Olive oil cake
Olive oil focaccia
Sesame oil dressing
Tomato sauce
Basil pesto
Lemon curd
Lemon curd | 4 eggs | 200 g sugar | Pour into sterilised jars and keep in the fridge.
Elderflower cordial
Rhubarb compote
Raspberry coulis
Simple syrup | 200 g sugar | 200 g water
Raspberry jelly | 500 ml water | 100 g sugar | 12 g powdered gelatin
Apple crumble
Vanilla cheesecake | 500 g cream cheese | Bake in a water bath.
Crackers | 200 g flour | 1 tsp pink salt | Wrap for storage.
Terrine of roast vegetables
Oatmeal cookies in a jar
Overnight oats in a jar
Roast chicken | 1 chicken | 1 tbsp salt | Roast for 90 minutes.
Sponge with jam | 4 eggs | 120 g sugar | 2 tbsp strawberry preserves
Berliner mit Marmelade
Marmeladenkuchen
Linzer Plätzchen mit Johannisbeergelee
Hefezopf
Apfelmus
Rhabarberkompott
Rote Grütze
Holunderblütensirup
Gurkensalat
Sauerkrautsuppe
Zwetschgenkuchen
Kuchen im Glas
Marmorkuchen im Glas gebacken
Erdnussmus
Pflaumenmuskuchen
Rumkugeln
Rosinenbrot
Speckkuchen
Schinkenhörnchen
Bärlauchpesto
Quarktaschen mit Konfitüre
Zimtschnecken
Salamipizza
Eierlikörkuchen
Lachsquiche
Biscuits à la confiture
Tarte à la confiture
Crêpes à la confiture
Roulé à la confiture de fraises
Gâteau au yaourt
Beignets à la confiture
Sablés à la gelée de groseilles
Baba au rhum
Cake aux fruits confits
Cake aux olives et jambon
Quiche au saumon
Compote de pommes
Coulis de framboises
Sirop de menthe
Sorbet aux fraises
Tarte au citron
Salade de concombre
Poulet aux citrons confits
Pain aux noix
Brioche
Bananes au rhum flambées | 4 bananes | 50 g de sucre | Flamber et servir.
Choucroute garnie | 1 kg de choucroute | Cuire au four 2 heures.
`;

/** Neither title nor steps say it, only what they are made of. */
export const ASKED = `
Strawberries | 1 kg strawberries | 700 g sugar
Aunt Edda's plums | 1 kg plums | 400 g sugar | 1 stick cinnamon
From the garden | 1 kg cucumbers | 500 ml vinegar | 20 g salt
My beans | 1 kg green beans | 30 g salt
Salmon | 1 kg salmon | 60 g salt | 40 g sugar
Garlic | 200 g garlic | 300 ml olive oil
Birnen | 1 kg Birnen | 300 g Zucker
Abricots | 1 kg d'abricots | 500 g de sucre
`;
