import type { WeighingSlip } from '@ypsigram/core/bench';
import { fixed } from '../wording/index.js';

const grams = (value: number): string => `${fixed(value, value < 20 ? 1 : 0)} g`;

/** A slip at the scale, and the way out. */
export function slipMessage(slip: WeighingSlip): string {
  switch (slip.code) {
    case 'lifted':
      return 'The container was lifted off. Put it back: nothing is lost.';
    case 'container-added':
      return `The ${slip.container} (${grams(slip.grams)}) was put on as well. Take it off again.`;
    case 'not-zeroed':
      return `The scale still shows the last ingredient (${grams(slip.grams)}). Tare it first.`;
    case 'negative':
      return 'Less is on the scale than when it was tared. Put the container back, or tare it again.';
  }
}
