import type { ChanceLine } from './chance-line.js';
import { simulate, type ChanceOptions } from './simulate.js';
import { finished, forTrials, type Steps } from './steps.js';

/** What would be known better, and the chance of a good bake once it is. */
export interface Lesson {
  /** Name of a tool as in the drawer, or of what a hand fills alike, as `hand` of its lines. */
  readonly name: string;
  /** Indexes of the lines that it concerns. */
  readonly lines: readonly number[];
  readonly goodThen: number;
}

export interface WhatToLearn {
  readonly goodNow: number;
  /** Tools to calibrate with water, the most telling first. */
  readonly tools: readonly Lesson[];
  /** Fillings to weigh three more times, the most telling first. */
  readonly hands: readonly Lesson[];
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

const withTrials = (line: ChanceLine, hand: string): ChanceLine => {
  if (line.hand !== hand) return line;
  const scatter = Math.max(...line.fills.map(({ spread }) => spread));
  return { ...line, handSpread: afterTrials(line.handSpread, scatter, MORE_TRIALS) };
};

/** What could be known better, each once, with the lines as they were then. */
function possible(lines: readonly ChanceLine[]): {
  readonly about: 'tools' | 'hands';
  readonly name: string;
  readonly concerns: (line: ChanceLine) => boolean;
  readonly better: (line: ChanceLine) => ChanceLine;
}[] {
  const tools = lines.flatMap(({ fills }) =>
    fills.flatMap(({ tool, toolSpread }) =>
      tool !== null && toolSpread > CALIBRATED_SPREAD ? [tool] : [],
    ),
  );
  const hands = lines.flatMap(({ hand, handSpread }) =>
    hand !== null && handSpread > 0 ? [hand] : [],
  );
  return [
    ...[...new Set(tools)].map((name) => ({
      about: 'tools' as const,
      name,
      concerns: ({ fills }: ChanceLine) => fills.some(({ tool }) => tool === name),
      better: (line: ChanceLine) => withTool(line, name),
    })),
    ...[...new Set(hands)].map((name) => ({
      about: 'hands' as const,
      name,
      concerns: ({ hand }: ChanceLine) => hand === name,
      better: (line: ChanceLine) => withTrials(line, name),
    })),
  ];
}

/**
 * What knowing a tool or a hand better would do for the chance of a good bake, each by itself. By
 * common random numbers. What is as well known already is left out. A step for each.
 */
export function* learning(
  lines: readonly ChanceLine[],
  options: ChanceOptions,
): Steps<WhatToLearn> {
  const trials = forTrials(lines, options);
  const measured = lines.filter(({ route, fills }) => route === 'measure' && fills.length > 0);
  const goodNow = simulate(lines, trials).good;
  const lessons: Record<'tools' | 'hands', Lesson[]> = { tools: [], hands: [] };
  for (const { about, name, concerns, better } of possible(measured)) {
    yield;
    const then = lines.map((line) => (measured.includes(line) ? better(line) : line));
    lessons[about].push({
      name,
      lines: measured.filter(concerns).map(({ index }) => index),
      goodThen: simulate(then, trials).good,
    });
  }
  for (const list of Object.values(lessons)) list.sort((a, b) => b.goodThen - a.goodThen);
  return { goodNow, ...lessons };
}

/** `learning` in one go. */
export const whatToLearn = (lines: readonly ChanceLine[], options: ChanceOptions): WhatToLearn =>
  finished(learning(lines, options));
