// The Balance: planning, clean batches, and what consistency buys beside a naive calculator.
import { forgivenessOf } from '@ypsigram/core/baking';
import { Bench } from 'tinybench';
import { Fraction } from '@ypsigram/core/amount';
import { cleanBatches } from '@ypsigram/core/formula';
import { RATIO_PARTS, ratioDrift, planBatch, setFactor } from '@ypsigram/core/batch';
import { USUAL_TOOLS, drawerOf } from '@ypsigram/core/drawer';
import { isVolumeUnit, millilitresIn } from '@ypsigram/core/units';
import { SAMPLE_RECIPES } from '@ypsigram/contract/samples';
import { batchOf, read, recipeOf } from './usual.mjs';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { TWENTY_LINES } from './recipe.mjs';
import { RECIPES_OF_OTHERS } from './recipes-of-others.mjs';

const lines = TWENTY_LINES.split('\n');
const reading = read([...lines, ...lines.slice(0, 10)].join('\n'));
const more = [
  ['cup', new Fraction(2, 3), 'cup'],
  ['cup', new Fraction(3, 4), 'cup'],
  ['cup', new Fraction(1, 8), 'cup'],
  ['spoon', new Fraction(1, 2), 'tbsp'],
].map(([kind, nominal, unit]) => ({
  name: `${nominal.toFraction(true)} ${unit}`,
  kind,
  nominal,
  unit,
  millilitres: null,
  aside: false,
}));
const tools = [...USUAL_TOOLS, ...more];
const drawer = drawerOf('us-customary', tools);
const factor = new Fraction(71, 50);
const recipe30 = recipeOf(reading, drawer);
const planned = planBatch(reading, setFactor(recipe30, factor));

const PLAN = `plan ${reading.lines.length} lines with ${tools.length} tools`;
const CLEAN = `clean batches near x1.42 of ${reading.lines.length} lines`;
const bench = new Bench({ time: 1500, warmupTime: 500 });
bench
  .add(PLAN, () => planBatch(reading, setFactor(recipe30, factor)))
  .add(CLEAN, () => cleanBatches(recipe30, factor, planned));
await bench.run();
for (const [name, limit] of [
  [PLAN, 2],
  [CLEAN, 100],
]) {
  const { p50, p99 } = bench.getTask(name).result.latency;
  const kept = p50 < limit ? 'kept' : 'MISSED';
  console.log(
    `${name}: median ${p50.toFixed(2)} ms, p99 ${p99.toFixed(2)} ms; wanted under ${limit} ms: ${kept}`,
  );
}

// The naive calculator multiplies what is written, rounds it to quarter cups, tablespoons or quarter
// teaspoons, and gives grams by one weight for a cup of anything.
const GRAMS_PER_CUP = 240;
const CUP = millilitresIn('cup', 'us-customary').valueOf();
const TSP = millilitresIn('tsp', 'us-customary').valueOf();
function roundVolume(millilitres) {
  const step = millilitres >= CUP / 4 ? CUP / 4 : millilitres >= 3 * TSP ? 3 * TSP : TSP / 4;
  return Math.max(step, Math.round(millilitres / step) * step);
}

/** What the naive calculator makes of a planned line: filled, and weighed. */
function naive(planned, line) {
  const { intended } = planned;
  if (!intended || !line.unit || !isVolumeUnit(line.unit) || line.stated) return planned;
  const written = planned.scaled.min.valueOf() * millilitresIn(line.unit, 'us-customary').valueOf();
  const measured = (intended.grams * roundVolume(written)) / written;
  const weighed = (written / CUP) * GRAMS_PER_CUP;
  return {
    ...planned,
    measure: { ...planned.measure, grams: measured },
    weight: { ...planned.weight, grams: Math.round(weighed) },
  };
}

/** The larger kinds of things that a plan is said in: marks of one jug are one. */
const termsOf = ({ fills }) =>
  new Set(fills.map(({ kind, unit }) => (kind === 'jug' || kind === 'block' ? kind : unit))).size;
const EIGHTH = '1/8';
const FINE = new Set(['salt', 'leavening', 'yeast', 'thickener', 'flavour']);
const said = { lines: 0, thirds: 0, fills: 0, eighths: 0 };
function count(plan) {
  for (const { measure, ingredientId } of plan) {
    if (!measure || measure.method === 'count') continue;
    said.lines++;
    said.fills += measure.fills.reduce((sum, fill) => sum + fill.count, 0);
    if (termsOf(measure) > 2) said.thirds++;
    const isFine = FINE.has(BUILT_IN_SHELF.ingredient(ingredientId).role);
    if (!isFine && measure.fills.some(({ nominal }) => nominal === EIGHTH)) said.eighths++;
  }
}

const routes = {
  'ours, measured': [],
  'ours, weighed': [],
  'naive, measured': [],
  'naive, weighed': [],
};
const FACTORS = ['1', '1/3', '1/2', '2/3', '3/2', '5/2', '7'].map((by) => new Fraction(by));
const RECIPES = [...SAMPLE_RECIPES, ...RECIPES_OF_OTHERS];
for (const { text, standard } of RECIPES) {
  const recipe = read(text, standard);
  for (const by of FACTORS) {
    const plan = planBatch(recipe, batchOf(by));
    count(plan);
    const peer = plan.map((planned, index) => naive(planned, recipe.lines[index]));
    for (const [who, of] of [
      ['ours', plan],
      ['naive', peer],
    ]) {
      const { ratios } = ratioDrift(of, BUILT_IN_SHELF, forgivenessOf('cake'));
      for (const part of RATIO_PARTS) {
        const { intended, measured, weighed } = ratios[part];
        if (intended === 0) continue;
        routes[`${who}, measured`].push(Math.abs(measured / intended - 1));
        routes[`${who}, weighed`].push(Math.abs(weighed / intended - 1));
      }
    }
  }
}
const percent = (share) => `${(100 * share).toFixed(1)} %`;
console.log(
  `Drift of ratios, ${RECIPES.length} recipes at ${FACTORS.length} factors from ×1/3 to ×7:`,
);
console.table(
  Object.entries(routes).map(([route, drifts]) => {
    const sorted = drifts.sort((a, b) => a - b);
    return {
      route,
      mean: percent(sorted.reduce((sum, one) => sum + one, 0) / sorted.length),
      median: percent(sorted[Math.floor(sorted.length / 2)]),
      '95 of 100 under': percent(sorted[Math.floor(sorted.length * 0.95)]),
      worst: percent(sorted.at(-1)),
    };
  }),
);

const share = (some) => percent(some / said.lines);
console.log(
  `${said.lines} lines filled: ${share(said.thirds)} need a third term (wanted 2 % at most), ` +
    `${(said.fills / said.lines).toFixed(2)} fills a line (wanted 3 at most), ` +
    `${said.eighths} with an eighth where it is not allowed (wanted none)`,
);
