import type { OvenSetting } from '../../reading/facts/index.js';
import { FAN_OFFSET } from '../../units/index.js';

/** How hot the oven has to be for a recipe, with the fan or without, and by what rule. */
export interface WantedHeat {
  readonly celsius: number;
  /** The recipe says it for this kind of oven; else it was turned from the other by a rule of thumb. */
  readonly isWritten: boolean;
}

/**
 * How hot an oven has to be for what a recipe says: with the fan as it says for a fan, else 20 °C
 * less than without, which is the usual rule of thumb.
 */
export function wantedHeat(
  { celsius, fanCelsius }: Pick<OvenSetting, 'celsius' | 'fanCelsius'>,
  isFan: boolean,
): WantedHeat {
  if (!isFan) return { celsius, isWritten: true };
  return fanCelsius === null
    ? { celsius: celsius - FAN_OFFSET, isWritten: false }
    : { celsius: fanCelsius, isWritten: true };
}
