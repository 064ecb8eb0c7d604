import { sameHandFilling, type ChanceLine, type HandFilling } from './chance-line.js';
import type { ChanceOptions } from './options.js';
import { simulate } from './simulate.js';
import { finished, forTrials, type Steps } from './steps.js';

/** What would be known better, and the chance of a good bake once it is. */
interface Lesson {
  /** Indexes of the lines that it concerns. */
  readonly lines: readonly number[];
  readonly goodThen: number;
}

/** A tool to calibrate with water. */
export interface ToolLesson extends Lesson {
  /** As in the drawer. */
  readonly tool: string;
}

/** A filling to weigh a few more times. */
export interface HandLesson extends Lesson {
  readonly hand: HandFilling;
}

/** What to learn next, the most telling first. */
export interface WhatToLearn {
  readonly goodNow: number;
  readonly tools: readonly ToolLesson[];
  readonly hands: readonly HandLesson[];
}

/** How well a tool is known once it was filled with water three times: an assumption. */
export const CALIBRATED_SPREAD = 0.005;

/** Trials that are asked for at once. */
export const MORE_TRIALS = 3;

/**
 * How sure a hand's mean is after more trials: what is known now and what they tell, each
 * weighted by how sure it is.
 */
export function afterTrials(handSpread: number, fillSpread: number, trials: number): number {
  if (handSpread === 0 || fillSpread === 0) return 0;
  return 1 / Math.sqrt(1 / handSpread ** 2 + trials / fillSpread ** 2);
}

const withTool = (line: ChanceLine, tool: string): ChanceLine => ({
  ...line,
  fills: line.fills.map((fill) =>
    fill.tool === tool
      ? { ...fill, toolSpread: Math.min(fill.toolSpread, CALIBRATED_SPREAD) }
      : fill,
  ),
});

const withTrials = (line: ChanceLine, hand: HandFilling): ChanceLine => {
  if (!sameHandFilling(line.hand, hand)) return line;
  const scatter = Math.max(...line.fills.map(({ spread }) => spread));
  return { ...line, handSpread: afterTrials(line.handSpread, scatter, MORE_TRIALS) };
};

/** Tools that are not known well already, each once. */
const toolsOf = (lines: readonly ChanceLine[]): readonly string[] => [
  ...new Set(
    lines.flatMap(({ fills }) =>
      fills.flatMap(({ tool, toolSpread }) =>
        tool !== null && toolSpread > CALIBRATED_SPREAD ? [tool] : [],
      ),
    ),
  ),
];

/** Fillings whose mean is not known exactly, each once. */
const handsOf = (lines: readonly ChanceLine[]): readonly HandFilling[] =>
  lines.reduce<HandFilling[]>(
    (found, { hand, handSpread }) =>
      hand === null || handSpread === 0 || found.some((one) => sameHandFilling(one, hand))
        ? found
        : [...found, hand],
    [],
  );

const mostTellingFirst = (a: Lesson, b: Lesson): number => b.goodThen - a.goodThen;

/**
 * What knowing a tool or a hand better would do for the chance of a good bake, each on its own. By
 * common random numbers. What is as well known already is left out. A step for each.
 */
export function* learnSteps(
  lines: readonly ChanceLine[],
  options: ChanceOptions,
): Steps<WhatToLearn> {
  const trials = forTrials(lines, options);
  const isMeasured = ({ route, fills }: ChanceLine): boolean =>
    route === 'measure' && fills.length > 0;
  const measured = lines.filter(isMeasured);
  const goodWith = (better: (line: ChanceLine) => ChanceLine): number =>
    simulate(
      lines.map((line) => (isMeasured(line) ? better(line) : line)),
      trials,
    ).good;
  const concerned = (concerns: (line: ChanceLine) => boolean): readonly number[] =>
    measured.filter(concerns).map(({ index }) => index);
  const goodNow = simulate(lines, trials).good;
  const tools: ToolLesson[] = [];
  for (const tool of toolsOf(measured)) {
    yield;
    tools.push({
      tool,
      lines: concerned(({ fills }) => fills.some((fill) => fill.tool === tool)),
      goodThen: goodWith((line) => withTool(line, tool)),
    });
  }
  const hands: HandLesson[] = [];
  for (const hand of handsOf(measured)) {
    yield;
    hands.push({
      hand,
      lines: concerned((line) => sameHandFilling(line.hand, hand)),
      goodThen: goodWith((line) => withTrials(line, hand)),
    });
  }
  return {
    goodNow,
    tools: tools.sort(mostTellingFirst),
    hands: hands.sort(mostTellingFirst),
  };
}

/** `learnSteps` in one go. */
export const whatToLearn = (lines: readonly ChanceLine[], options: ChanceOptions): WhatToLearn =>
  finished(learnSteps(lines, options));
