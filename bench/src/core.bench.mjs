// Reading and planning, beside the same conversions by a general-purpose peer (mathjs units).
import { all, create } from 'mathjs';
import { Bench } from 'tinybench';
import { Fraction } from '@ypsigram/core/amount';
import { defaultDrawer } from '@ypsigram/core/drawer';
import { batchOf, read } from './usual.mjs';
import { planBatch } from '@ypsigram/core/batch';
import { TWENTY_LINES } from './recipe.mjs';

const lines = TWENTY_LINES.split('\n');
const drawer = defaultDrawer();
const factor = new Fraction(3, 2);
const reading = read(TWENTY_LINES);

// What mathjs can do of it: parse amount and unit, convert to millilitres, scale, give grams
// by a density that is handed to it. It reads no names, methods or notes, and plans nothing.
const math = create(all, {});
const PEER_UNITS = {
  cup: 'cup',
  cups: 'cup',
  tablespoon: 'tablespoon',
  tablespoons: 'tablespoon',
  teaspoon: 'teaspoon',
  teaspoons: 'teaspoon',
};
const peerLines = lines
  .map((line) => /^([\d /]+) (cups?|tablespoons?|teaspoons?) /.exec(line))
  .filter(Boolean)
  .map(([, amount, unit]) => `(${amount.trim().replace(' ', '+')}) ${PEER_UNITS[unit]}`);
const peer = () =>
  peerLines.map((line) => math.multiply(math.evaluate(line), 1.5).toNumber('ml') * 0.53);

const bench = new Bench({ time: 1500, warmupTime: 500 });
bench
  .add('read 20 lines', () => read(TWENTY_LINES))
  .add('plan 20 lines', () => planBatch(reading, batchOf(factor, drawer)))
  .add('read and plan 20 lines', () => planBatch(read(TWENTY_LINES), batchOf(factor, drawer)))
  .add(`mathjs: convert and scale ${peerLines.length} lines`, peer);
await bench.run();

const median = (name) => bench.getTask(name).result.latency.p50;
const rows = bench.tasks.map(({ name }) => {
  const milliseconds = median(name);
  const count = Number(/\d+/.exec(name)[0]);
  return {
    name,
    'median ms': milliseconds.toFixed(3),
    'lines per second': Math.round((1000 * count) / milliseconds),
  };
});
console.table(rows);
const both = median('read and plan 20 lines');
console.log(
  `Wanted: 20 lines read and planned in under 1 ms: ${both.toFixed(3)} ms, ${both < 1 ? 'kept' : 'MISSED'}`,
);
const perSecond = 20_000 / median('read 20 lines');
console.log(
  `Wanted: 50 000 lines read per second: ${Math.round(perSecond)}, ${perSecond >= 50_000 ? 'kept' : 'MISSED'}`,
);
