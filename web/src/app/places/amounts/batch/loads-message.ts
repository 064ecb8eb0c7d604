import type { Loads } from '@ypsigram/core/factor';
import { grams } from '../../../kit/figures/figures';

/** Into how many equal loads a batch is split, and why; nothing where it is one. */
export function loadsMessage(loads: Loads | null): string | null {
  if (!loads) return null;
  const because =
    loads.limitedBy === 'bowl'
      ? 'that is what your bowl can mix at once'
      : 'that is what your oven takes at once';
  return `Make ${loads.count} equal loads of ${grams(loads.gramsEach)} g: ${because}.`;
}
