import type { Batch } from '../batch/index.js';
import type { Standard, Unit } from '../units/index.js';

/** What is asked for: an amount of a unit, exact but for what a density makes of it. */
export interface WantedAmount {
  readonly unit: Unit;
  readonly amount: number;
}

/** What a question is answered with. */
export interface QuickKitchen extends Omit<Batch, 'factor'> {
  readonly standard: Standard;
}
