import type { Night, TakeOut } from '@ypsigram/core/bench';
import { OUT_AT_MOST_HOURS } from '@ypsigram/core/bench';

const COLD: Readonly<Record<Extract<Night, { stands: 'cold' }>['why'], string>> = {
  fat: 'Can be weighed tonight. Wrap it and put it in the fridge.',
  spoils: `Can be measured tonight. Cover it and put it in the fridge: no more than ${OUT_AT_MOST_HOURS} hours at room temperature.`,
};

const WAITS: Readonly<Record<Extract<Night, { stands: 'wait' }>['why'], string>> = {
  shell: `Stays in its shell in the fridge until morning: no more than ${OUT_AT_MOST_HOURS} hours at room temperature.`,
  live: 'It is alive: leave it where it is, and measure it in the morning.',
  fresh: 'Cut, grate, squeeze or open it in the morning. Whole, it may lie.',
  frozen: 'Stays in the freezer until it is needed.',
  warm: 'Used warm or melted: do it just before.',
  unknown:
    'Keep it in the fridge until morning. How it keeps is not known: say so on its page, under Ingredients.',
};

/** What becomes of an ingredient overnight, and why. */
export function nightWord(night: Night): string {
  switch (night.stands) {
    case 'counter':
      return 'Can be done tonight. Cover it and leave it out.';
    case 'cold':
      return COLD[night.why];
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
