// The simulation, beside a bare loop that draws as many normals: the limit of any such simulation.
import { Fraction } from '@ypsigram/core/amount';
import { planBatch } from '@ypsigram/core/batch';
import {
  Simulation,
  chanceLines,
  randomFrom,
  simulate,
  whatToLearn,
  whereWeighingPays,
} from '@ypsigram/core/chance';
import { TWENTY_LINES } from './recipe.mjs';
import { batchOf, read } from './usual.mjs';

const BAKES = 100_000;
const LINES = 12;
const ROUNDS = 5;

const text = TWENTY_LINES.split('\n').slice(0, LINES).join('\n');
const batch = batchOf(new Fraction(1));
const lines = chanceLines(planBatch(read(text), batch), batch, () => 'measure');
const tools = new Set(lines.flatMap(({ fills }) => fills.map(({ tool }) => tool)));
const hands = new Set(lines.map(({ hand }) => hand && `${hand.of} ${hand.method}`));
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
  const drawn = new Float64Array(512);
  for (let left = BAKES * normals; left > 0; left -= drawn.length) {
    random.normals(drawn, Math.min(left, drawn.length));
  }
});
console.log(
  `${BAKES} bakes of ${lines.length} lines: ${ours.toFixed(0)} ms; a bare loop of ${normals} normals a bake: ${bare.toFixed(0)} ms; ratio ${(ours / bare).toFixed(1)}`,
);
console.log(`Wanted: under 500 ms: ${ours < 500 ? 'kept' : 'MISSED'}`);
console.log(`Wanted: within twice the bare loop: ${ours <= 2 * bare ? 'kept' : 'MISSED'}`);

const first = median(() => new Simulation(lines, { seed: 1 }).bake(1024));
const pays = median(() => whereWeighingPays(lines, 0.9, { bakes: 20_000, seed: 1 }));
const learn = median(() => whatToLearn(lines, { bakes: 20_000, seed: 1 }));
console.log(
  `First picture of 1024 bakes: ${first.toFixed(1)} ms; where weighing pays: ${pays.toFixed(0)} ms; what to learn: ${learn.toFixed(0)} ms`,
);

const heap = () => process.memoryUsage().heapUsed + process.memoryUsage().arrayBuffers;
const long = new Simulation(lines, { seed: 1 });
globalThis.gc?.();
const before = heap();
let most = 0;
for (let million = 0; million < 10; million++) {
  long.bake(100_000);
  most = Math.max(most, heap() - before);
}
console.log(`Memory over a million bakes: ${(most / 2 ** 20).toFixed(1)} MB more`);
console.log(`Wanted: under 64 MB: ${most < 64 * 2 ** 20 ? 'kept' : 'MISSED'}`);
