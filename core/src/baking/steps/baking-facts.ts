/** What a recipe's baking takes, where its text does not say or its baker knows better. */
export interface BakingFacts {
  /** The heat wanted, without a fan, in degrees Celsius. */
  readonly celsius?: number;
  readonly fanCelsius?: number;
  readonly minMinutes?: number;
  readonly maxMinutes?: number;
  /** How long it rests in the pan before it is turned out; 0 for not at all. */
  readonly panMinutes?: number;
}

/** What is asked of a recipe that does not say it. */
export type BakingQuestion = 'celsius' | 'minutes' | 'pan';
