import type { TrialSet } from '@ypsigram/core/calibration';
import type { Shelf } from '@ypsigram/core/catalogue';
import { practisedSpread, type Skill, type Standing } from '@ypsigram/core/practice';
import { skillName } from '@ypsigram/contract/practice';
import { signedPercent } from '../../../kit/figures/figures';
import type { ChartRow } from '../../../kit/chart/rows-chart';
import type { PictureTable } from '../../../kit/picture/picture';
import type { HandTrial } from '../../../state/trials/trials.selectors';

/** Tries of one thing that are drawn. */
const LATEST = 12;
const NO_FIGURE = '';

/** Those that can be drawn: tried, and off by so and so much. */
export const measured = (all: readonly Standing[]): readonly Standing[] =>
  all.filter(({ tries }) => tries.some(({ off }) => off !== null));

/** How far off each technique was lately, in percent: a row of dots to each. */
export function progressRows(all: readonly Standing[]): ChartRow[] {
  return measured(all).map(({ skill, tries }) => {
    const offs = tries.flatMap(({ off, isGood }) => (off === null ? [] : [{ off, isGood }]));
    const latest = offs.slice(-LATEST);
    const mean = latest.reduce((sum, { off }) => sum + off, 0) / latest.length;
    return {
      label: skillName(skill),
      look: skill.kind === 'fill' ? 0 : skill.kind === 'jug' ? 1 : 2,
      mean: 100 * mean,
      interval: null,
      dots: latest.map(({ off, isGood }) => ({ at: 100 * off, isHollow: !isGood })),
    };
  });
}

/** How much somebody's real fills scatter by their trials, for a technique; null with too few. */
export function realSpread(
  skill: Skill,
  sets: readonly TrialSet<HandTrial>[],
  shelf: Shelf,
): number | null {
  if (skill.kind !== 'fill') return null;
  const mine = sets.flatMap(({ of, calibration }) => {
    const isOf =
      of.method === skill.method && shelf.ingredient(of.ingredientId)?.class === skill.class;
    return isOf && calibration?.isEnough && calibration.spread !== null ? [calibration] : [];
  });
  if (mine.length === 0) return null;
  // Spreads of several ingredients together: weighted by how often each was tried.
  const trials = mine.reduce((sum, one) => sum + one.trials, 0);
  const squares = mine.reduce((sum, { trials: count, spread }) => sum + count * spread! ** 2, 0);
  return Math.sqrt(squares / trials);
}

/** The same in figures, with the hand's real spread beside the practised one. */
export function progressTable(
  all: readonly Standing[],
  sets: readonly TrialSet<HandTrial>[],
  shelf: Shelf,
): PictureTable {
  const percent = (share: number | null): string =>
    share === null ? NO_FIGURE : `${signedPercent(share).slice(1)}`;
  return {
    columns: [
      'technique',
      'tries',
      'mean of the latest',
      'scatter practised',
      'scatter of real trials',
    ],
    rows: measured(all).map((standing) => {
      const offs = standing.tries.flatMap(({ off }) => (off === null ? [] : [off])).slice(-LATEST);
      const mean = offs.reduce((sum, off) => sum + off, 0) / offs.length;
      return [
        skillName(standing.skill),
        String(standing.tries.length),
        signedPercent(mean),
        percent(practisedSpread(standing.tries)),
        percent(realSpread(standing.skill, sets, shelf)),
      ];
    }),
  };
}
