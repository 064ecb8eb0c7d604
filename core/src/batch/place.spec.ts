import { readRecipe } from '../reading/index.js';
import { recipeSize } from '../factor/index.js';
import {
  columnTotals,
  forgivenessFor,
  planBatch,
  ratioDrift,
  reasonsOf,
  unweighedLines,
} from './index.js';
import { usualBatch } from '../testing/usual.js';

const BATCH = usualBatch();

function planned(text: string) {
  const reading = readRecipe(text, 'us-customary', BATCH.shelf);
  const plan = planBatch(reading, BATCH);
  return { reading, plan };
}

describe('what does not go into the dough', () => {
  const DOUGH = 'Buns\n500 g bread flour\n1 cup butter';
  const ratios = (text: string) =>
    ratioDrift(planned(text).plan, BATCH.shelf, forgivenessFor(BATCH)).ratios;

  it('changes no ratio and no total, and is planned all the same', () => {
    const more = `${DOUGH}, plus 2 tbsp for the pan\n1 egg, beaten, to glaze\n30 g sugar for sprinkling`;
    expect(ratios(more)).toEqual(ratios(DOUGH));
    const { plan, reading } = planned(more);
    expect(columnTotals(plan).intendedGrams).toBeCloseTo(500 + 227, 6);
    const masses = plan.map(
      ({ ingredientId, intended }) => intended && { ingredientId, grams: intended.grams },
    );
    const size = recipeSize(reading, masses);
    expect(size.grams).toBeCloseTo(727, 6);
    expect(size.byIngredient.get('butter')).toBeCloseTo(227 + 28.4, 6);
    const why = reasonsOf(reading, plan, BATCH, null);
    expect([...why.values()].flat().map((one) => one.is === 'place' && one.place)).toEqual([
      'pan',
      'finish',
      'finish',
    ]);
    const pan = plan.find(({ place }) => place === 'pan');
    expect(pan?.measure?.grams).toBeCloseTo(28.4, 1);
  });

  it('leaves no gap in the total where it has no amount', () => {
    const { plan } = planned(`${DOUGH}\nbutter for the tin\na handful of moon dust`);
    expect(unweighedLines(plan).map((index) => plan[index]!.written)).toEqual([
      'a handful of moon dust',
    ]);
  });
});
