import type { Slip } from '@ypsigram/core/calibration';

const whole = (grams: number): string => `${grams.toFixed(grams < 20 ? 1 : 0)} g`;
const percent = (share: number): string => `${Math.abs(100 * share).toFixed(0)} %`;

/** What is probably wrong with a trial, in a sentence; the baker decides. */
export function slipMessage(slip: Slip): string {
  switch (slip.code) {
    case 'untared':
      return (
        `Heavier than the others by what the ${slip.container} weighs (${whole(slip.grams)}): ` +
        'was the scale not zeroed?'
      );
    case 'ounces':
      return `Fits the others as ounces: that would be ${whole(slip.grams)}. Was the scale in ounces?`;
    case 'another-fill':
      return slip.fills === 2
        ? 'Twice the others: was another fill put on top?'
        : `${slip.fills} times the others: were more fills put on top?`;
    case 'far-out':
      return (
        `${percent(slip.difference)} ${slip.difference > 0 ? 'heavier' : 'lighter'} than the middle ` +
        'of the others, far beyond their scatter. Something was different.'
      );
  }
}
