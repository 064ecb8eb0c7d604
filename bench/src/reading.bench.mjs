// How well recipes are read, field by field, over the corpus of the core; how fast; and whether
// the time grows as the text does, on lines made to be hard.
import { read } from './usual.mjs';
import { CORPUS, FIELDS, wrongFields } from '../../core/src/reading/testing/corpus/index.ts';
import {
  KEPT_ASIDE,
  PEOPLE,
  outcomeOf,
  readAsWritten,
} from '../../core/src/reading/testing/people/index.ts';

const WANTED_RIGHT = 0.98;
const WANTED_LINES_PER_SECOND = 50_000;
const WANTED_KEYSTROKE_MS = 5;
const percent = (right, all) => `${((100 * right) / all).toFixed(1)} %`;
const kept = (isKept) => (isKept ? 'kept' : 'MISSED');

const rows = {};
const wrongLines = [];
let all = 0;
for (const [manner, lines] of Object.entries(CORPUS)) {
  const wrong = lines.map(wrongFields);
  const right = wrong.filter((fields) => fields.length === 0).length;
  rows[manner] = { lines: lines.length, 'wholly right': percent(right, lines.length) };
  for (const field of FIELDS) {
    const missed = wrong.filter((fields) => fields.includes(field)).length;
    rows[manner][field] = percent(lines.length - missed, lines.length);
  }
  lines.forEach(({ written }, at) => {
    if (wrong[at].length > 0) wrongLines.push(`${written}: ${wrong[at].join(', ')}`);
  });
  all += lines.length;
}
console.table(rows);
for (const line of wrongLines) console.log(`  wrong: ${line}`);
const right = (all - wrongLines.length) / all;
console.log(
  `Wanted: 98 % of ${all} lines wholly right: ${(100 * right).toFixed(1)} %, ${kept(right >= WANTED_RIGHT)}`,
);

// Lines of people, by who writes them: a figure that is wrong counts worse than one that is missing.
/** How many lines of a group were read rightly, not read, read wrongly. */
function outcomesOf(group, lines) {
  const counts = { right: 0, missing: 0, wrong: 0 };
  for (const line of lines) counts[outcomeOf(readAsWritten(line, group), line)]++;
  return counts;
}
const byPeople = {};
const totals = {
  looked: { lines: 0, right: 0, wrong: 0 },
  aside: { lines: 0, right: 0, wrong: 0 },
};
for (const [group, lines] of Object.entries(PEOPLE)) {
  const aside = KEPT_ASIDE[group];
  const [seen, unseen] = [outcomesOf(group, lines), outcomesOf(group, aside)];
  byPeople[group] = {
    lines: lines.length,
    right: percent(seen.right, lines.length),
    missing: seen.missing,
    wrong: seen.wrong,
    'kept aside': aside.length,
    'of them right': percent(unseen.right, aside.length),
    'of them wrong': unseen.wrong,
  };
  for (const [total, counts, of] of [
    [totals.looked, seen, lines],
    [totals.aside, unseen, aside],
  ]) {
    total.lines += of.length;
    total.right += counts.right;
    total.wrong += counts.wrong;
  }
}
console.table(byPeople);
for (const [name, wanted, { lines, right: understood, wrong }] of [
  ['looked at', 0.97, totals.looked],
  ['kept aside', 0.92, totals.aside],
]) {
  console.log(
    `Wanted: ${wanted * 100} % of ${lines} lines ${name} understood: ${percent(understood, lines)}, ${wrong} wrong, ${kept(understood / lines >= wanted)}`,
  );
}

function median(run, times) {
  const took = Array.from({ length: times }, () => {
    const from = performance.now();
    run();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return took[Math.floor(times / 2)];
}

const written = Object.values(CORPUS)
  .flat()
  .map((line) => line.written);
const whole = written.join('\n');
const perSecond = (written.length / median(() => read(whole), 60)) * 1000;
console.log(
  `Wanted: 50 000 lines read per second, one core: ${Math.round(perSecond)} of the corpus, ${kept(perSecond >= WANTED_LINES_PER_SECOND)}`,
);
const sixty = written.slice(0, 60).join('\n');
const keystroke = median(() => read(`${sixty}x`), 200);
console.log(
  `Wanted: a keystroke in 60 lines read again within 5 ms: ${keystroke.toFixed(2)} ms, ${kept(keystroke <= WANTED_KEYSTROKE_MS)}`,
);

// Twice the lines may take twice the time, and twice the length of a hard line no more than that.
const HARD = ['1 ', '((1 ', '1 cup plus ', 'or ', '1/', '9 x ', 'half a '];
const growth = HARD.map((piece) => {
  const time = (lines) => median(() => read(`${piece.repeat(120)}\n`.repeat(lines)), 15);
  return {
    'hard line': piece,
    '250 lines, ms': time(250).toFixed(1),
    '1000 lines, ms': time(1000).toFixed(1),
  };
});
console.table(growth);
