import { planBatch, setFactor } from '../batch/index.js';
import { Fraction } from '../amount/index.js';
import { readText, usualRecipe } from '../testing/usual.js';
import { chanceLines, simulate, type ChanceLine } from './index.js';

const CAKE = `Yellow cake
2 1/2 cups all-purpose flour
1 1/2 cups sugar
3/4 cup butter
3 large eggs
1 cup milk
2 1/2 tsp baking powder
1/2 tsp salt`;
const SPONGE = `Sponge
4 large eggs
3/4 cup sugar
1 cup all-purpose flour
1/4 cup milk
1 tsp baking powder
1/4 tsp salt`;
const BARS = `Oat bars
2 cups rolled oats
1 cup all-purpose flour
1 cup packed brown sugar
3/4 cup butter
1/2 tsp salt`;

/** How often a recipe gives the same again, each cup of flour so many times as dense as meant. */
function chanceOf(text: string, flourTimes = 1): number {
  const reading = readText(text);
  const recipe = usualRecipe(reading);
  const batch = setFactor(recipe, new Fraction(1));
  const filled = chanceLines(planBatch(reading, batch), batch, () => 'measure');
  const lines = filled.map((line): ChanceLine =>
    line.role === 'flour'
      ? { ...line, fills: line.fills.map((one) => ({ ...one, grams: one.grams * flourTimes })) }
      : line,
  );
  return simulate(lines, { bakes: 20_000, seed: 1, kind: batch.kind! }).good;
}

/** A dipped cup of flour, and a pressed one, against a spooned one. */
const DIPPED = 1.14;
const PRESSED = 1.25;

describe('what a baker would believe', () => {
  it('of a cake that is measured well by cup: it mostly comes out', () => {
    expect(chanceOf(CAKE)).toBeGreaterThan(0.85);
    expect(chanceOf(CAKE)).toBeLessThan(0.97);
  });

  it('of a sponge: it must be followed exactly', () => {
    expect(chanceOf(SPONGE)).toBeGreaterThan(0.55);
    expect(chanceOf(SPONGE)).toBeLessThan(0.85);
  });

  it('of bars: hardly anything spoils them', () => {
    expect(chanceOf(BARS)).toBeGreaterThan(0.97);
  });

  it('of flour that is scooped where it should be spooned, or pressed in', () => {
    expect(chanceOf(CAKE, DIPPED)).toBeLessThan(0.55);
    expect(chanceOf(CAKE, PRESSED)).toBeLessThan(0.05);
  });
});
