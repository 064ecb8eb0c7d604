/** A made-up recipe as it stands on a page of the stand-in web. */
export interface PageRecipe {
  readonly path: string;
  readonly title: string;
  readonly author: string;
  readonly language: 'en' | 'de' | 'fr';
  readonly makes: string;
  readonly minutes: number;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
}

type Row = readonly [
  title: string,
  author: string,
  makes: string,
  minutes: number,
  ingredients: string,
  steps: string,
];

const listed = (language: PageRecipe['language'], rows: readonly Row[]): PageRecipe[] =>
  rows.map(([title, author, makes, minutes, ingredients, steps]) => ({
    path: `/${title
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^a-z0-9 ]/g, '')
      .trim()
      .replace(/ +/g, '-')}`,
    title,
    author,
    language,
    makes,
    minutes,
    ingredients: ingredients.split('; '),
    steps: steps.split('; '),
  }));

/** Ingredients and steps stand apart by semicolons. */
export const PAGE_RECIPES: readonly PageRecipe[] = [
  ...listed('en', [
    [
      'Hatch granola',
      'Harbour notebook',
      '1 jar',
      45,
      '3 cups rolled oats; 1/2 cup honey; 1/3 cup sunflower oil; 1 cup chopped hazelnuts; 1/2 tsp fine salt',
      'Stir everything together; Bake at 150 °C for 35 minutes, stirring twice; Cool on the tray',
    ],
    [
      'Winding-hole gingerbread',
      'The blue binder',
      '16 squares',
      60,
      '2 1/4 cups all-purpose flour; 1 tbsp ground ginger; 1 tsp baking soda; 1/2 cup packed dark brown sugar; 3/4 cup molasses; 1 stick butter; 1 cup boiling water',
      'Melt the butter with sugar and molasses; Stir in flour, ginger and soda, then the water; Bake at 350 F for 40 minutes',
    ],
    [
      'Lockside drop scones',
      'Harbour notebook',
      '14 scones',
      25,
      '225 g self-raising flour; 2 tbsp caster sugar; 1 egg; 300 ml milk; 25 g butter, melted',
      'Beat to a thick batter; Drop spoonfuls on a hot griddle; Turn when bubbles rise',
    ],
    [
      'Pear and almond tray bake',
      'Dabchick',
      '12 slices',
      55,
      '3 pears, peeled; 1 1/2 cups almond flour; 3/4 cup sugar; 3 large eggs; 1/2 cup plain yogurt; 1 tsp vanilla extract',
      'Whisk eggs and sugar; Fold in almond flour and yogurt; Lay the pears on top; Bake at 175 °C for 40 minutes',
    ],
    [
      'Seed crackers by the boatload',
      'Dabchick',
      '40 crackers',
      50,
      '1 cup dark rye flour; 1/2 cup sesame seeds; 1/2 cup sunflower seeds; 1/4 cup flaxseed; 3 tbsp olive oil; 1/2 cup water; 1 tsp coarse salt',
      'Stir to a dough; Roll as thin as paper; Bake at 170 °C for 30 minutes',
    ],
    [
      'Cocoa puddings in cups',
      'The blue binder',
      '6 cups',
      30,
      '100 g dark chocolate; 1/2 cup butter; 2 eggs; 1/3 cup sugar; 2 tbsp cocoa powder; 1/4 cup all-purpose flour',
      'Melt chocolate and butter; Stir in the rest; Bake at 200 °C for 12 minutes',
    ],
    [
      'Overnight barge bread',
      'Harbour notebook',
      '1 loaf',
      960,
      '3 1/4 cups bread flour; 1 1/4 tsp salt; 1/4 tsp instant yeast; 1 1/2 cups lukewarm water',
      'Stir and cover overnight; Shape; Bake in a hot pot at 230 °C for 45 minutes',
    ],
    [
      'Carrot cake from the allotment',
      'Dabchick',
      '1 cake of 20 cm',
      75,
      '2 cups grated carrot; 1 1/2 cups wholemeal flour; 1 cup light brown sugar; 3/4 cup sunflower oil; 3 eggs; 2 tsp baking powder; 1 tsp ground cinnamon',
      'Beat eggs, oil and sugar; Fold in the rest; Bake at 170 °C for 50 minutes',
    ],
    [
      'Buckwheat pancakes for a crowd',
      'The blue binder',
      '24 pancakes',
      40,
      '2 cups buckwheat flour; 1 cup all-purpose flour; 3 cups buttermilk; 4 eggs; 1 stick butter, melted; 2 tsp baking powder; 1 tsp salt',
      'Whisk to a batter; Rest 15 minutes; Fry in butter',
    ],
    [
      'Lemon bars with a short base',
      'Harbour notebook',
      '20 bars',
      70,
      '1 1/2 cups all-purpose flour; 1/2 cup powdered sugar; 3/4 cup butter; 4 eggs; 1 1/2 cups sugar; 1/2 cup lemon juice',
      'Rub the first three and press into a pan; Bake at 350 F for 18 minutes; Whisk the rest, pour on, bake 20 minutes more',
    ],
    [
      'Polenta shortbread',
      'Dabchick',
      '30 fingers',
      45,
      '1 cup butter; 1/2 cup sugar; 1 3/4 cups all-purpose flour; 1/2 cup fine polenta; 1/4 tsp salt',
      'Cream butter and sugar; Work in the rest; Bake at 160 °C for 30 minutes',
    ],
    [
      'Date loaf without eggs',
      'The blue binder',
      '1 loaf',
      80,
      '250 g chopped dates; 1 cup hot tea; 1 3/4 cups self-raising flour; 1/2 cup brown sugar; 2 tbsp treacle',
      'Soak the dates in the tea; Stir in the rest; Bake at 160 °C for 60 minutes',
    ],
    [
      'Spelt rolls for the towpath',
      'Harbour notebook',
      '10 rolls',
      120,
      '500 g spelt flour; 300 ml warm milk; 7 g dried yeast; 1 tbsp honey; 10 g salt; 30 g butter',
      'Knead; Let rise for an hour; Shape ten rolls; Bake at 210 °C for 18 minutes',
    ],
    [
      'Coconut rocks',
      'Dabchick',
      '18 rocks',
      30,
      '3 cups desiccated coconut; 1/2 cup sugar; 3 egg whites; 1 tbsp cornstarch; 1 pinch of salt',
      'Stir over low heat until it holds; Heap on a tray; Bake at 170 °C for 15 minutes',
    ],
  ]),
  ...listed('de', [
    [
      'Mohnhörnchen vom Kanal',
      'Haubentaucher',
      '12 Hörnchen',
      150,
      '500 g Weizenmehl; 1 Würfel Hefe; 250 ml Milch; 80 g Zucker; 80 g Butter; 1 Prise Salz; 150 g Mohn',
      'Teig kneten und 60 Minuten gehen lassen; Hörnchen formen; Bei 180 °C 20 Minuten backen',
    ],
    [
      'Apfelkuchen mit Haferstreuseln',
      'Haubentaucher',
      '1 Blech',
      80,
      '1 kg Äpfel; 300 g Mehl; 150 g Haferflocken; 200 g Butter; 150 g Zucker; 1 TL Zimt; 2 EL Zitronensaft',
      'Äpfel auf das Blech legen; Streusel darüber; Bei 190 °C 45 Minuten backen',
    ],
    [
      'Schnelles Quarkbrot',
      'Haubentaucher',
      '1 Brot',
      70,
      '250 g Quark; 300 g Dinkelmehl; 2 Eier; 1 Päckchen Backpulver; 1 TL Salz; 50 g Sonnenblumenkerne',
      'Alles verrühren; In eine Form geben; Bei 180 °C 50 Minuten backen',
    ],
  ]),
  ...listed('fr', [
    [
      'Galettes de l’écluse',
      'Foulque',
      '10 galettes',
      60,
      '250 g de farine de sarrasin; 1 œuf; 500 ml d’eau; 1 c. à café de sel; 2 c. à soupe de beurre fondu',
      'Mélanger; Laisser reposer une heure; Cuire à la poêle',
    ],
    [
      'Gâteau au yaourt du samedi',
      'Foulque',
      '1 gâteau',
      50,
      '125 g de yaourt; 200 g de sucre; 250 g de farine; 3 œufs; 100 ml d’huile de tournesol; 1 sachet de levure chimique',
      'Mélanger le tout; Cuire à 180 °C pendant 35 minutes',
    ],
    [
      'Sablés aux noisettes',
      'Foulque',
      '30 sablés',
      45,
      '200 g de farine; 120 g de beurre; 80 g de sucre glace; 60 g de noisettes moulues; 1 jaune d’œuf; 1 pincée de sel',
      'Sabler le beurre et la farine; Ajouter le reste; Cuire à 170 °C pendant 15 minutes',
    ],
  ]),
];
