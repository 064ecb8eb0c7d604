import type { RecipeDraft } from '../recipes.js';
import { USUAL_BALANCE } from '@ypsigram/core/batch';

/** A made-up recipe to look around with, and by name whose it is. */
export interface SampleRecipe extends RecipeDraft {
  readonly author?: string;
}

/** The Saturday stall on the towpath: what comes out of the lock cottage's kitchen. */
export const SAMPLE_RECIPES: readonly SampleRecipe[] = [
  {
    author: 'Harbour notebook',
    batch: { by: 'factor', factor: '2' },
    text: `Towpath oat slabs
Makes 16 slabs

3 cups rolled oats
1 1/2 cups all-purpose flour
1 cup packed brown sugar
1 cup butter, melted
1/3 cup golden syrup
1/2 cup raisins
1/2 cup walnuts, chopped
1/4 cup sunflower seeds
1 teaspoon cinnamon
1/2 teaspoon baking soda
1/2 teaspoon salt
1 teaspoon vanilla extract

Method
Heat the oven to 350 °F and line a 9 by 13 inch pan.
Stir oats, flour, seeds, raisins, walnuts, cinnamon, soda and salt together.
Melt butter, sugar and syrup until just smooth, take off the heat and stir in the vanilla.
Fold the warm butter through the dry things and press the mixture flat.
Bake 24 to 28 minutes, until the edges are deep gold. Cut into slabs while warm.
`,
  },
  {
    author: 'The blue binder',
    text: `Cardamom knots
Makes 18 knots

For the dough:
4 cups bread flour
1 1/4 cups milk, lukewarm
1/2 cup sugar
2 1/4 teaspoons active dry yeast
1 1/2 teaspoons ground cardamom
1 teaspoon fine sea salt
1 large egg
6 tablespoons butter, softened

For the filling:
1/2 cup butter, softened
1/2 cup packed light brown sugar
1 tablespoon ground cardamom
1 egg, beaten, to brush

Method
Stir yeast and milk together, then add everything else for the dough and knead 10 minutes.
Cover and leave to rise until doubled, about 1 hour.
Roll out to a square, spread with the filling, fold in three and cut into 18 strips.
Twist each strip, tie it into a knot and leave to rise 40 minutes.
Brush with egg and bake at 400 °F for 14 to 17 minutes.
`,
  },
  {
    standard: 'british',
    // Fruit on a damp crumb: it forgives much.
    balance: { ...USUAL_BALANCE, strictness: 'relaxed', lines: {} },
    text: `Polenta and pear tin
One 23 cm round tin

200 g butter, softened
200 g caster sugar
3 large eggs
1 1/4 cups ground almonds
3/4 cup polenta
1/2 cup (65 g) plain flour
1 1/2 tsp baking powder
1/4 tsp fine salt
Grated zest of 1 lemon
2 tbsp lemon juice
3 ripe pears, peeled and sliced
2 tbsp runny honey, to glaze

Method
Heat the oven to 180 °C (160 °C fan) and line the tin.
Beat butter and sugar until pale, then beat in the eggs one at a time.
Fold in almonds, polenta, flour, baking powder, salt, zest and juice.
Spread in the tin, lay the pears on top and bake 45 to 50 minutes.
Brush with warm honey and cool in the tin for 15 minutes.
`,
  },
  {
    author: 'The blue binder',
    text: `Rye and honey crispbread
Makes about 20 pieces

2 cups rye flour
1 cup whole-wheat flour
1/2 cup rolled oats
1/4 cup sesame seeds
2 tbsp flaxseed
2 tsp caraway seeds
1 1/4 tsp salt
1/2 tsp baking soda
1/4 cup olive oil
2 tbsp honey
3/4 cup water
3 tbsp (25 g) flour, for rolling

Method
Stir the dry things together, then work in oil, honey and water to a firm dough.
Rest 20 minutes under a damp cloth.
Roll very thin between sheets of paper, prick all over and cut.
Bake at 375 °F for 12 to 15 minutes, turning the sheet once, until crisp and brown.
`,
  },
  {
    author: 'The blue binder',
    text: `Sesame rounds
Makes 24 rounds

2 cups (272 g) flour
1/2 cup (62 g) powdered sugar
1/2 cup butter, softened
1/4 cup tahini
1 egg yolk
1/2 cup sesame seeds
1/4 tsp baking powder
scant 1/2 tsp salt
1 tsp vanilla
2 to 3 tsp milk

Method
Cream butter, tahini and sugar, then beat in yolk and vanilla.
Stir in flour, baking powder and salt with just enough milk to bring it together.
Roll into a log, roll the log in the seeds and chill 1 hour.
Slice a finger thick and bake at 350 °F for 13 to 15 minutes.
`,
  },
  {
    author: 'Harbour notebook',
    text: `Lean sponge
One 20 cm round tin, serves 8

4 large eggs
2/3 cup caster sugar
1 cup sifted cake flour
1/4 cup cornstarch
1/2 tsp baking powder
1/4 tsp cream of tartar
a pinch of salt
1 tsp vanilla
2 tbsp milk, warm
1 tbsp butter, melted
powdered sugar, for dusting

Method
Whisk eggs, sugar, cream of tartar and salt over warm water until thick and pale.
Sift flour, starch and baking powder over it in three goes and fold in with a light hand.
Fold a spoonful into the milk, butter and vanilla, then fold that back in.
Bake at 350 °F for 25 to 28 minutes and turn out after 5 minutes.
`,
  },
];
