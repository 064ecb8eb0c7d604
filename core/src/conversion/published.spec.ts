import { intendedMass } from './index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readUsualLine } from '../testing/usual.js';

/**
 * What charts and packets commonly print for a US cup or spoon, or a piece: a figure, or the two
 * ends between which they lie. Written down apart from the shelf, from general knowledge.
 */
const PUBLISHED = `
1 cup all-purpose flour: 120-125
1 cup bread flour: 120-137
1 cup cake flour, sifted: 95-115
1 cup whole wheat flour: 113-120
1 cup self-rising flour: 113-125
1 cup rye flour: 102-106
1 cup almond flour: 95-112
1 cup coconut flour: 112-128
1 cup oat flour: 92-104
1 cup buckwheat flour: 120
1 cup spelt flour: 99-120
1 cup semolina: 163-167
1 cup cornmeal: 138-157
1 cup cornstarch: 112-128
1 tbsp cornstarch: 7-8
1 cup rolled oats: 80-99
1 cup quick oats: 80-90
1 cup steel-cut oats: 140-176
1 cup wheat germ: 112-115
1 cup wheat bran: 58-64
1 cup oat bran: 94-106
1 cup granulated sugar: 198-200
1 tbsp granulated sugar: 12-13
1 tsp granulated sugar: 4-4.2
1 cup packed brown sugar: 213-220
1 cup powdered sugar: 113-120
1 cup demerara sugar: 200-220
1 cup coconut sugar: 154-180
1 cup honey: 336-340
1 tbsp honey: 21
1 cup maple syrup: 312-322
1 cup molasses: 328-340
1 cup light corn syrup: 312-341
1 cup golden syrup: 330-350
1 cup butter: 226-227
1 tbsp butter: 14-14.2
1 stick butter: 113-113.5
1 cup shortening: 184-205
1 cup lard: 205-226
1 cup vegetable oil: 198-218
1 tbsp olive oil: 13-14
1 cup coconut oil: 205-226
1 cup milk: 240-245
1 cup buttermilk: 227-245
1 cup heavy cream: 227-240
1 cup sour cream: 227-242
1 cup plain yogurt: 227-245
1 cup cream cheese: 227-232
1 cup ricotta: 227-250
1 cup cottage cheese: 210-226
1 cup evaporated milk: 226-255
1 cup sweetened condensed milk: 300-312
1 cup coconut milk: 226-241
1 cup shredded cheddar: 113
1 cup grated parmesan: 85-100
1 cup cocoa powder: 84-86
1 tbsp cocoa powder: 5-5.5
1 cup chocolate chips: 168-175
1 cup white chocolate chips: 165-175
1 cup butterscotch chips: 165-175
1 cup chopped walnuts: 113-120
1 cup chopped pecans: 109-120
1 cup slivered almonds: 108-120
1 cup sliced almonds: 85-95
1 cup whole almonds: 140-145
1 cup hazelnuts: 130-142
1 cup cashews: 113-140
1 cup peanuts: 142-150
1 cup pistachios: 120-125
1 cup macadamia nuts: 132-149
1 cup pine nuts: 135-142
1 cup sunflower seeds: 135-144
1 cup pumpkin seeds: 125-138
1 cup sesame seeds: 140-150
1 cup flaxseed: 140-168
1 cup chia seeds: 160-175
1 cup peanut butter: 250-270
1 cup almond butter: 240-272
1 cup tahini: 240-256
1 cup raisins: 145-165
1 cup dried currants: 140-150
1 cup dried cranberries: 113-125
1 cup chopped dates: 145-150
1 cup dried apricots: 128-130
1 cup mashed bananas: 225-240
1 cup applesauce: 244-255
1 cup pumpkin puree: 227-245
1 cup blueberries: 140-150
1 cup raspberries: 120-125
1 cup sliced strawberries: 160-170
1 cup blackberries: 144-150
1 cup cranberries: 95-113
1 cup chopped apple: 113-125
1 cup grated carrot: 99-113
1 cup grated zucchini: 120-150
1 cup crushed pineapple: 245-255
1 cup sweetened shredded coconut: 85-95
1 cup unsweetened coconut flakes: 55-65
1 cup mini marshmallows: 43-50
1 cup graham cracker crumbs: 84-100
1 cup panko: 50-60
1 cup dry breadcrumbs: 108-112
1 cup crisp rice cereal: 26-30
1 cup corn flakes: 25-28
1 tsp salt: 5.7-6
1 tbsp salt: 17-18
1 tsp baking soda: 4.6-6
1 tsp baking powder: 4-4.8
1 tsp cream of tartar: 3-3.4
2 1/4 tsp active dry yeast: 7
1 tsp cinnamon: 2.6-2.8
1 tsp ground ginger: 1.8-2
1 tsp nutmeg: 2.2-2.4
1 tsp vanilla extract: 4-4.3
1 tbsp lemon juice: 14-15.5
1 cup orange juice: 240-248
1 cup water: 236-237
1 large egg: 50
1 large egg white: 30-35
1 large egg yolk: 14-19
1 cup jam: 300-340
1 cup white rice: 180-200
1 cup quinoa: 170-185
1 cup granola: 100-122
1 cup ice cream: 130-145
1 cup ketchup: 240-245
1 cup mustard: 249-250
1 cup frosting: 300-340
1 cup frozen whipped topping: 70-80
1 cup black beans: 170-172
1 cup grated mozzarella: 112-113
`;
/** So far a figure may lie outside of what others print, and agrees all the same. */
const NEAR = 0.03;
const WANTED = 0.98;

const published = PUBLISHED.trim()
  .split('\n')
  .map((row) => {
    const [written, figures] = row.split(': ');
    const [low, high] = figures!.split('-').map(Number);
    return { written: written!, low: low!, high: high ?? low! };
  });

describe('what plain lines weigh', () => {
  it('agrees with what is commonly printed', () => {
    const apart = published.flatMap(({ written, low, high }) => {
      const grams = intendedMass(readUsualLine(written), 'us-customary', BUILT_IN_SHELF)?.grams;
      const agrees = grams !== undefined && grams >= low * (1 - NEAR) && grams <= high * (1 + NEAR);
      return agrees ? [] : [`${written}: ${grams?.toFixed(1)} g, not ${low} to ${high}`];
    });
    expect(published.length).toBeGreaterThanOrEqual(120);
    expect(1 - apart.length / published.length)
      .withContext(apart.join('\n'))
      .toBeGreaterThanOrEqual(WANTED);
  });
});
