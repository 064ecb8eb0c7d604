import { planBatch, setBatch } from '../batch/index.js';
import {
  beginBake,
  type Act,
  type BakePlan,
  type BakeReading,
  type BenchWay,
} from '../bench/index.js';
import { readText, usualRecipe } from './usual.js';

export const KNOTS = `Cardamom knots
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
Roll out to a square, spread with the filling, fold in three and cut into 18 strips.
Brush with egg and bake at 400 °F for 14 to 17 minutes.`;

/** A bake of a text in the usual kitchen. */
export function bakeOf(text: string, factor = '1', way: BenchWay = 'planned'): BakePlan {
  const reading = readText(text);
  const recipe = usualRecipe(reading);
  const set = setBatch(recipe, { by: 'factor', factor });
  if (!set.ok) throw new Error(set.problem.code);
  const plan = planBatch(reading, set.batch);
  return beginBake({
    recipe,
    batch: set.batch,
    plan,
    title: reading.title ?? '',
    text,
    columns: 'both',
    way,
  });
}

/** Readings of these acts, one second after another, each with an id of its own. */
export const readingsOf = (...acts: readonly Act[]): BakeReading[] =>
  acts.map((act, at) => ({
    id: `reading-${String(at).padStart(4, '0')}`,
    at: new Date(Date.UTC(2026, 2, 14, 9, 0, at)).toISOString(),
    device: 'tablet',
    handId: null,
    act,
  }));

/** The line of a bake that goes by this name; the first of several. */
export const lineNamed = (plan: BakePlan, name: string) => {
  const found = plan.lines.find((line) => line.name.toLowerCase().includes(name));
  if (!found) throw new Error(`${name}: ${plan.lines.map((line) => line.name).join(', ')}`);
  return found;
};
