import type { Night, TakeOut } from '@ypsigram/core/bench';
import { OUT_AT_MOST_HOURS } from '@ypsigram/core/bench';

const WAITS: Readonly<Record<Extract<Night, { stands: 'wait' }>['why'], string>> = {
  spoils: `Stays in the fridge until morning: no more than ${OUT_AT_MOST_HOURS} hours at room temperature.`,
  yeast: 'Fresh yeast stays in the fridge. Crumble it in the morning.',
  cut: 'Cut, grate or squeeze it in the morning, so that it stays fresh.',
  hot: 'Used warm or melted: do it just before.',
};

/** What becomes of an ingredient overnight, and why. */
export function nightWord(night: Night): string {
  switch (night.stands) {
    case 'counter':
      return 'Can be done tonight. Cover it and leave it out.';
    case 'cold':
      return 'Can be weighed tonight. Wrap it and put it in the fridge.';
    case 'wait':
      return WAITS[night.why];
  }
}

/** Why something comes out of the fridge early. */
export const takeOutWord: Readonly<Record<TakeOut['why'], string>> = {
  soften: 'to soften, in pieces',
  'room-temperature': 'to come to room temperature, in the shell',
  'not-cold': 'so that it is not cold',
};
