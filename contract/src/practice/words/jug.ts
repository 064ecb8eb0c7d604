import type { DomeScore, JugCause, JugScale, JugScore } from '@ypsigram/core/practice';
import { capital } from '../../wording/capital.js';
import { fixed, short } from '../../wording/figures.js';

const FRACTIONS: readonly (readonly [number, string])[] = [
  [0.25, '1/4'],
  [0.5, '1/2'],
  [0.75, '3/4'],
  [0.125, '1/8'],
  [0.375, '3/8'],
  [0.625, '5/8'],
  [0.875, '7/8'],
];

/** A figure of a scale as it is printed: "1 3/4", "12". */
export function scaleFigure(value: number): string {
  const whole = Math.floor(value + 1e-6);
  const rest = value - whole;
  const fraction = FRACTIONS.find(([part]) => Math.abs(rest - part) < 1e-3)?.[1];
  if (!fraction) return short(value, 2);
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

export const SCALE_UNITS_SHOWN: Readonly<Record<JugScale, string>> = {
  cup: 'cups',
  'fl-oz': 'fl oz',
  ml: 'mL',
};

/** Up to which share of the way from one mark to the next each of these is said. */
const BETWEEN_MARKS: readonly (readonly [number, (lower: string, upper: string) => string])[] = [
  [0.04, (lower) => `on the mark of ${lower}`],
  [0.2, (lower) => `just above the mark of ${lower}`],
  [0.42, (lower, upper) => `a third of the way from the mark of ${lower} to that of ${upper}`],
  [0.58, (lower, upper) => `halfway from the mark of ${lower} to that of ${upper}`],
  [0.8, (lower, upper) => `two thirds of the way from the mark of ${lower} to that of ${upper}`],
  [0.96, (_, upper) => `just below the mark of ${upper}`],
  [1, (_, upper) => `on the mark of ${upper}`],
];

/**
 * Where a level is seen among the marks of a scale, in words: as near as an eye tells it, and no
 * figure that would spare the reading. `millilitres` and `step`, from mark to mark, in mL; `unit`
 * in mL, what the scale counts by.
 */
export function amongMarks(
  millilitres: number,
  scale: JugScale,
  { step, unit }: { readonly step: number; readonly unit: number },
): string {
  const below = Math.floor(millilitres / step);
  const share = millilitres / step - below;
  const mark = (at: number): string => {
    const figure = (at * step) / unit;
    const name = scale === 'cup' && figure <= 1 ? 'cup' : SCALE_UNITS_SHOWN[scale];
    return at === 0 ? 'nothing' : `${scaleFigure(figure)} ${name}`;
  };
  const [, says] = BETWEEN_MARKS.find(([most]) => share <= most)!;
  return says(mark(below), mark(below + 1));
}

const millilitres = (value: number): string => `${fixed(Math.abs(value), 0)} mL`;

const CAUSES: Readonly<Record<JugCause, string>> = {
  parallax: 'your eye was not level with the line',
  tilt: 'the board was tilted',
  meniscus: 'you read the curve at the glass',
};

/** What to do about a cause that stands alone and does not say it itself. */
const ADVICE: Readonly<Partial<Record<JugCause, string>>> = {
  meniscus: 'Read the flat bottom of it.',
  tilt: 'Level it, or read where the jug is lowest and highest and take the middle.',
};

function causesInWords(causes: readonly JugCause[]): string {
  const [first] = causes;
  if (first === undefined) return 'Was it another mark, or another scale of the jug?';
  const together = causes.map((cause) => CAUSES[cause]).join(', and ');
  const sentence = `${capital(together)}.`;
  const advice = causes.length === 1 ? ADVICE[first] : undefined;
  return advice === undefined ? sentence : `${sentence} ${advice}`;
}

/** How a jug was poured or read, in a few sentences. */
export function jugMessage(score: JugScore, isReading: boolean): string {
  const { off, isGood, likely } = score;
  const percent = `${fixed(100 * Math.abs(score.relative), 1)} %`;
  const way = off > 0 ? 'too much' : 'too little';
  const much = `${millilitres(off)} ${way} (${percent}).`;
  if (Math.abs(off) < 0.5) return isReading ? 'Read just right.' : 'Poured just right.';
  if (isGood) return `${much} That is as near as a jug can be read.`;
  return `${much} ${causesInWords(likely ?? [])}`;
}

/** What the eye saw and what was there, in a sentence; the jug in words for whoever does not see it. */
export function seenMessage(score: JugScore, there: number): string {
  const difference = score.seen - there;
  if (Math.abs(difference) < 1) return 'From there your eye sees it as it is.';
  return `From there it looked like ${fixed(score.seen, 0)} mL, and ${fixed(there, 0)} mL was in it.`;
}

/** How a spoon was filled, in a sentence or two. */
export function domeMessage({ off, relative, isGood, dome }: DomeScore): string {
  const percent = `${fixed(100 * Math.abs(relative), 0)} %`;
  const much = `${fixed(Math.abs(off), 1)} mL ${off > 0 ? 'over' : 'under'} (${percent}).`;
  if (isGood) return `${much} Full to a slight dome: that is right.`;
  if (off > 0) return `${much} It stands ${fixed(dome, 1)} mm high, that is a hill.`;
  return `${much} Fill it until the surface reaches the rim all round.`;
}
