import type { Random } from '@ypsigram/core/chance';

/** How a simulated scale errs. */
export interface ScaleErrors {
  /** Relative error of every mass: how well it was adjusted. */
  readonly gain: number;
  /** Standard deviation of the noise of one reading, in steps of its grid. */
  readonly noiseSteps: number;
  /** How far zero wanders, in steps of its grid per minute. */
  readonly driftStepsPerMinute: number;
  /** Seconds after which 63 % of a change is shown; three to four of these settle it. */
  readonly settlingSeconds: number;
}

/** A decent household scale: settles in about a second, and its zero creeps by a step a minute. */
export const USUAL_ERRORS: ScaleErrors = {
  gain: 0.0005,
  noiseSteps: 0.12,
  driftStepsPerMinute: 0.5,
  settlingSeconds: 0.25,
};

/**
 * The platform of a scale: what it feels of the mass that lies on it. Time is handed in, and so
 * is chance.
 */
export class Platform {
  private felt = 0;
  private drift = 0;
  private noise = 0;

  constructor(
    private readonly errors: ScaleErrors,
    private readonly random: Random,
  ) {}

  /** Lets `seconds` pass with `grams` on it, a scale of this step. */
  pass(seconds: number, grams: number, gridGrams: number): void {
    const { gain, noiseSteps, driftStepsPerMinute, settlingSeconds } = this.errors;
    const real = grams * (1 + gain);
    const share = 1 - Math.exp(-seconds / settlingSeconds);
    this.felt += (real - this.felt) * share;
    // A random walk: it may come back as well as go on.
    this.drift += driftStepsPerMinute * gridGrams * Math.sqrt(seconds / 60) * this.random.normal();
    this.noise = noiseSteps * gridGrams * this.random.normal();
  }

  /** What it feels now, in grams, before any step. */
  grams(): number {
    return this.felt + this.drift + this.noise;
  }

  /** What zeroing takes as nothing: without the noise of this moment. */
  zero(): number {
    return this.felt + this.drift;
  }

  /** Whether the mass on it has been followed to within half a step. */
  hasSettled(grams: number, gridGrams: number): boolean {
    return Math.abs(grams * (1 + this.errors.gain) - this.felt) < gridGrams / 2;
  }

  /** Switched on anew, it takes whatever lies there as it is and its zero as true. */
  reset(): void {
    this.felt = 0;
    this.drift = 0;
    this.noise = 0;
  }
}
