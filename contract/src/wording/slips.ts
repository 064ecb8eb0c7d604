import { measureGrams } from './figures.js';
import type { TrialSlip } from '@ypsigram/core/calibration';

const whole = (grams: number): string => `${measureGrams(grams)} g`;
const percent = (share: number): string => `${Math.abs(100 * share).toFixed(0)} %`;

/** What is probably wrong with a trial, in a sentence; the baker decides. */
export function slipMessage(slip: TrialSlip): string {
  switch (slip.code) {
    case 'untared':
      return (
        `Heavier than the others by the weight of the ${slip.container} (${whole(slip.grams)}): ` +
        'did you forget to press tare?'
      );
    case 'ounces':
      return `Read as ounces it would be ${whole(slip.grams)}, like the others. Was the scale showing ounces?`;
    case 'another-fill':
      return slip.fills === 2
        ? 'Twice the others: are these two fills?'
        : `${slip.fills} times the others: is this more than one fill?`;
    case 'far-out':
      return (
        `${percent(slip.difference)} ${slip.difference > 0 ? 'heavier' : 'lighter'} than the median ` +
        'of the others, far more than usual. Was something different?'
      );
  }
}
