/*
 * Pages as people paste them, with what belongs to no recipe around it, and the ingredients that
 * anybody would find there: amount, unit and what it is.
 */

/** A page and its ingredients, in order. */
export interface PastedPage {
  readonly name: string;
  readonly text: string;
  readonly ingredients: readonly string[];
}

export const PASTED_PAGES: readonly PastedPage[] = [
  {
    name: 'a page with story, votes, buttons and comments',
    text: `Home » Cakes » Lemon drizzle squares
★★★★★ 4.8 from 132 votes
Lemon Drizzle Squares
By Wren · Published March 3 · Updated May 9
Jump to Recipe  Print Recipe
These squares have been in our family for three generations and I can't tell you how many times 2 cups of tea went cold while we ate them.
Prep Time: 15 minutes  Cook Time: 30 minutes  Total Time: 45 minutes
Servings: 16 squares
Calories: 210 kcal
Ingredients
1x 2x 3x
US Customary – Metric
▢ 1 1/2 cups all-purpose flour (190g)
▢ 1 cup granulated sugar
▢ 1/2 cup unsalted butter, melted
▢ 2 large eggs
▢ 1 tsp baking powder
▢ 1/4 tsp salt
For the drizzle
▢ 1/2 cup powdered sugar
▢ 2 Tbsp lemon juice
Instructions
1. Preheat oven to 350°F. Line an 8-inch square pan.
2. Whisk everything. Bake 28 to 30 minutes.
Notes
Store in an airtight container for 3 days. You can use 1 cup of honey instead.
Nutrition
Calories: 210kcal | Carbohydrates: 32g | Protein: 3g | Fat: 8g | Sodium: 90mg
Did you make this recipe? Tag me!
Comments
Jo says: I used 3 cups of flour and it was dry.
Reply
Pat says: Lovely! Made 2 batches.
`,
    ingredients: [
      '1 1/2 cup flour-wheat-all-purpose',
      '1 cup sugar-granulated',
      '1/2 cup butter',
      '2 each egg-whole',
      '1 tsp baking-powder',
      '1/4 tsp salt-table',
      '1/2 cup sugar-powdered',
      '2 tbsp juice-lemon',
    ],
  },
  {
    name: 'a table with two systems',
    text: `Oat bars
Ingredient\tUS\tMetric
Rolled oats\t3 cups\t270 g
Brown sugar\t1 cup\t220 g
Butter\t1/2 cup\t113 g
Honey\t1/4 cup\t85 g
Salt\t1/2 tsp\t3 g
Bake at 160 °C for 25 minutes.
`,
    ingredients: [
      '3 cup oats-rolled',
      '1 cup sugar-brown',
      '1/2 cup butter',
      '1/4 cup honey',
      '1/2 tsp salt-table',
    ],
  },
  {
    name: 'a list with pictographs for bullets',
    text: `Banana bread 🍌
🍌 3 ripe bananas
🌾 2 cups flour
🧈 1/2 cup butter
🥚 2 eggs
🍯 1/4 cup honey
🧂 1/2 tsp salt
👩‍🍳 Mash, mix, bake 60 min at 350F
`,
    ingredients: [
      '3 each banana',
      '2 cup flour-wheat-all-purpose',
      '1/2 cup butter',
      '2 each egg-whole',
      '1/4 cup honey',
      '1/2 tsp salt-table',
    ],
  },
  {
    name: 'ingredients after the method',
    text: `Method
Cream the butter and sugar. Add the eggs. Fold in the flour. Bake 25 minutes at 180C.

Ingredients
100 g butter
100 g caster sugar
2 eggs
100 g self-raising flour
`,
    ingredients: [
      '100 g butter',
      '100 g sugar-granulated',
      '2 each egg-whole',
      '100 g flour-wheat-self-rising',
    ],
  },
  {
    name: 'names before their amounts',
    text: `Pancakes
Flour – 200 g
Milk – 300 ml
Eggs – 2 large
Sugar – 1 tbsp
Salt – a pinch
Butter – for frying
`,
    ingredients: [
      '200 g flour-wheat-all-purpose',
      '300 ml milk-whole',
      '2 each egg-whole',
      '1 tbsp sugar-granulated',
      '1 pinch salt-table',
      'butter',
    ],
  },
  {
    name: 'a chat',
    text: `[12:04, 3/5/2026] Teal: ok here goes
[12:05, 3/5/2026] Teal: 2 cups flour
[12:05, 3/5/2026] Teal: 1 cup sugar
[12:05, 3/5/2026] Teal: 1 stick butter
[12:06, 3/5/2026] Teal: 2 eggs
[12:06, 3/5/2026] Heron: how hot?
[12:07, 3/5/2026] Teal: 350 for 30 min
`,
    ingredients: [
      '2 cup flour-wheat-all-purpose',
      '1 cup sugar-granulated',
      '1 stick butter',
      '2 each egg-whole',
    ],
  },
  {
    name: 'a formula of a baker',
    text: `Country loaf
Ingredient  Weight  Baker's %
Bread flour  900 g  90%
Whole wheat flour  100 g  10%
Water  700 g  70%
Salt  20 g  2%
Levain  200 g  20%
Total  1920 g  192%
`,
    ingredients: [
      '900 g flour-wheat-bread',
      '100 g flour-wheat-whole',
      '700 g water',
      '20 g salt-table',
      '200 g sourdough-starter',
    ],
  },
  {
    name: 'a sheet with the unit in a column of its own',
    text: `Scones
qty\tunit\tingredient
2\tcups\tflour
1\ttbsp\tbaking powder
1/2\ttsp\tsalt
6\ttbsp\tbutter, cold
3/4\tcup\tmilk
`,
    ingredients: [
      '2 cup flour-wheat-all-purpose',
      '1 tbsp baking-powder',
      '1/2 tsp salt-table',
      '6 tbsp butter',
      '3/4 cup milk-whole',
    ],
  },
  {
    name: 'several headings, one over equipment',
    text: `SPICED PEAR TIN

FOR THE BASE
200g plain flour
100g cold butter, cubed
50g icing sugar

FOR THE FILLING
4 ripe pears
2 tbsp honey
1 tsp ground ginger

TO SERVE
Double cream

EQUIPMENT
23cm loose-bottomed tin
Rolling pin
`,
    ingredients: [
      '200 g flour-wheat-all-purpose',
      '100 g butter',
      '50 g sugar-powdered',
      '4 each pear',
      '2 tbsp honey',
      '1 tsp ginger-ground',
      'cream-heavy',
    ],
  },
  {
    name: 'what it needs told twice, with a scale of cups, allergens and likes',
    text: `Seed crackers
What you need: flour, seeds, oil, salt
Ingredients:
* 1 1/4 cups (160 g) flour
* 1/2 cup mixed seeds
* 3 tbsp olive oil
* 1/2 tsp salt
* 1/3 cup water
1 cup = 240 ml, 1 tbsp = 15 ml
Contains: gluten, sesame
Cost: 2.40 per batch
❤ 214 likes  💬 12  #crackers #baking
Step 1: Mix. Step 2: Roll thin. Step 3: Bake at 200C for 15 min.
`,
    ingredients: [
      '1 1/4 cup flour-wheat-all-purpose',
      '1/2 cup seeds-mixed',
      '3 tbsp oil-olive',
      '1/2 tsp salt-table',
      '1/3 cup water',
    ],
  },
  {
    name: 'a German page',
    text: `Apfelkuchen
Zutaten für 12 Stück
250 g Mehl
125 g Butter (kalt)
80 g Zucker
1 Ei
1 Prise Salz
Für den Belag:
4 Äpfel
2 EL Zimtzucker
Zubereitung
Den Ofen auf 180 °C vorheizen. 40 Minuten backen.
Nährwerte pro Stück: 220 kcal, 3 g Eiweiß
Bewertung: 4,5 von 5
`,
    ingredients: [
      '250 g flour-wheat-all-purpose',
      '125 g butter',
      '80 g sugar-granulated',
      '1 each egg-whole',
      '1 pinch salt-table',
      '4 each apple',
      '2 tbsp sugar-cinnamon',
    ],
  },
  {
    name: 'a French page',
    text: `Quatre-quarts breton
Ingrédients
4 œufs
250 g de farine
250 g de beurre demi-sel
250 g de sucre
1 sachet de levure chimique
Préparation : 15 min
Cuisson : 45 min
Préchauffez le four à 180 °C. Mélangez. Enfournez 45 minutes.
J'aime (12)  Partager  Imprimer
`,
    ingredients: [
      '4 each egg-whole',
      '250 g flour-wheat-all-purpose',
      '250 g butter',
      '250 g sugar-granulated',
      '1 packet baking-powder',
    ],
  },
  {
    name: 'a message of a forum',
    text: `Re: Grandma's molasses cookies
Posted by quillfeather » Tue Nov 3, 2026 8:14 pm
Here is what I use, hope it helps!!

3/4 cup shortening
1 cup packed brown sugar
1 egg
1/4 cup molasses
2 1/4 cups all-purpose flour
2 tsp baking soda
1 tsp each cinnamon and ginger
1/2 tsp ground cloves, 1/4 tsp salt

Mix shortening, sugar, egg and molasses. Blend in dry. Chill 1 hr. Bake 375 10-12 min.
_________________
Life is short, eat the crumbs.
Quote  Report  Like (4)
`,
    ingredients: [
      '3/4 cup shortening',
      '1 cup sugar-brown',
      '1 each egg-whole',
      '1/4 cup molasses',
      '2 1/4 cup flour-wheat-all-purpose',
      '2 tsp baking-soda',
      '1 tsp cinnamon',
      '1 tsp ginger-ground',
      '1/2 tsp cloves-ground',
      '1/4 tsp salt-table',
    ],
  },
  {
    name: 'an app with pictures for headings',
    text: `🍞 Focaccia
⏱ 20 min + rising
👥 Serves 8
⭐ 4.9 (87)
INGREDIENTS (8 servings)
• 500 g strong white bread flour
• 7 g instant yeast
• 10 g fine salt
• 400 ml lukewarm water
• 4 tbsp olive oil, plus extra for the tin
• flaky salt and rosemary to finish
DIRECTIONS
1 Mix everything with a spoon.
2 Rest 10 min, then fold.
3 Rise 2 h.
4 Bake at 220 °C fan for 20-25 min.
👩‍🍳 Cook's note
Keeps 2 days.
`,
    ingredients: [
      '500 g flour-wheat-bread',
      '7 g yeast-instant',
      '10 g salt-table',
      '400 ml water',
      '4 tbsp oil-olive',
      'salt-coarse-light',
      'rosemary-fresh',
    ],
  },
  {
    name: 'a British page with tips',
    text: `Sticky ginger cake | Lockside Kitchen
Preparation time less than 30 mins
Cooking time 30 mins to 1 hour
Serves Makes 1 x 900g/2lb loaf
By Heron
From The Canal Table
Ingredients
225g/8oz self-raising flour
2 tsp ground ginger
1 tsp bicarbonate of soda
110g/4oz butter
110g/4oz dark muscovado sugar
100ml/3½fl oz golden syrup
150ml/5fl oz milk
1 free-range egg, beaten
Method
Preheat the oven to 170C/150C Fan/Gas 3.
Bake for 40-45 minutes.
Recipe tips
Wrap in paper for two days before eating.
`,
    ingredients: [
      '225 g flour-wheat-self-rising',
      '2 tsp ginger-ground',
      '1 tsp baking-soda',
      '110 g butter',
      '110 g sugar-brown',
      '100 ml syrup-golden',
      '150 ml milk-whole',
      '1 each egg-whole',
    ],
  },
  {
    name: 'a card with two to a line',
    text: `                 PLAIN MUFFINS          serves 12
2 c. flour            3 t. b.p.
1/2 t. salt           1/4 c. sugar
1 egg                 1 c. milk
1/4 c. melted shortening
Sift dry. Add wet. 400 - 20 min.
`,
    ingredients: [
      '2 cup flour-wheat-all-purpose',
      '3 tsp baking-powder',
      '1/2 tsp salt-table',
      '1/4 cup sugar-granulated',
      '1 each egg-whole',
      '1 cup milk-whole',
      '1/4 cup shortening',
    ],
  },
  {
    name: 'a German page with comments',
    text: `Omas Marmorkuchen
Rezept von Wasserralle
Zutaten
Für den Teig
250 g weiche Butter
200 g Zucker
1 Pck. Vanillezucker
4 Eier (Gr. M)
375 g Mehl
3 TL Backpulver
ca. 100 ml Milch
2 EL Kakao
Nährwert pro Portion
kcal 320
Zubereitung
1. Backofen auf 175 °C (Ober-/Unterhitze) vorheizen.
2. Ca. 60 Minuten backen.
Tipp
Mit Puderzucker bestäuben.
Kommentare (3)
Eisvogel: Super lecker, habe 300 g Mehl genommen.
`,
    ingredients: [
      '250 g butter',
      '200 g sugar-granulated',
      '1 packet sugar-vanilla',
      '4 each egg-whole',
      '375 g flour-wheat-all-purpose',
      '3 tsp baking-powder',
      '100 ml milk-whole',
      '2 tbsp cocoa',
    ],
  },
  {
    name: 'the words below a film',
    text: `NO KNEAD ROLLS (Full Recipe Below)
12,345 views  Jan 4, 2026
SUBSCRIBE for more!
Recipe:
- 3 cups (375g) all purpose flour
- 2 tsp salt
- 1/2 tsp yeast
- 1 1/2 cups warm water
0:00 Intro
1:12 Mixing
5:40 Baking at 450F (230C)
My favorite pan: link in bio
#bread #rolls
`,
    ingredients: [
      '3 cup flour-wheat-all-purpose',
      '2 tsp salt-table',
      '1/2 tsp yeast-active-dry',
      '1 1/2 cup water',
    ],
  },
];
