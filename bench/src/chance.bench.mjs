// The simulation, beside a bare loop that draws as many normals: the limit of any such simulation.
import { Fraction } from '@ypsigram/core/amount';
import { defaultDrawer, planBatch } from '@ypsigram/core/batch';
import { chanceLines, randomFrom, simulate } from '@ypsigram/core/chance';
import { readRecipe } from '@ypsigram/core/reading';
import { TWENTY_LINES } from './recipe.mjs';

const BAKES = 100_000;
const LINES = 12;
const ROUNDS = 5;

const text = TWENTY_LINES.split('\n').slice(0, LINES).join('\n');
const batch = { factor: new Fraction(1), drawer: defaultDrawer() };
const lines = chanceLines(planBatch(readRecipe(text), batch), batch, () => 'measure');
const tools = new Set(lines.flatMap(({ fills }) => fills.map(({ tool }) => tool)));
const hands = new Set(lines.map(({ hand }) => hand));
const fills = lines.reduce((sum, line) => sum + line.fills.length, 0);
for (const shared of [tools, hands]) shared.delete(null);
const normals = tools.size + hands.size + fills;

const median = (does) => {
  const times = Array.from({ length: ROUNDS }, () => {
    const from = performance.now();
    does();
    return performance.now() - from;
  });
  return times.sort((a, b) => a - b)[Math.floor(ROUNDS / 2)];
};
const ours = median(() => simulate(lines, { bakes: BAKES, seed: 1 }));
const bare = median(() => {
  const random = randomFrom(1);
  let sum = 0;
  for (let draw = 0; draw < BAKES * normals; draw++) sum += random.normal();
  return sum;
});
console.log(
  `${BAKES} bakes of ${lines.length} lines: ${ours.toFixed(0)} ms; a bare loop of ${normals} normals a bake: ${bare.toFixed(0)} ms; ratio ${(ours / bare).toFixed(1)}`,
);
console.log(`Wanted: under 500 ms: ${ours < 500 ? 'kept' : 'MISSED'}`);
console.log(`Wanted: within twice the bare loop: ${ours <= 2 * bare ? 'kept' : 'MISSED'}`);
