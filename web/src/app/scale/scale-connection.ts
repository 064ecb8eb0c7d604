import type { ScaleReading, ScaleUnit } from '@ypsigram/core/bench';

/** Which scale it is and what it can do. */
export interface ConnectedScale {
  readonly name: string;
  readonly gridGrams: number;
  /** Units that can be chosen from here; one or none where only its own button can. */
  readonly units: readonly ScaleUnit[];
  readonly isSimulated: boolean;
}

/** What a scale tells the page. */
export interface ScaleEvents {
  described(description: ConnectedScale): void;
  read(reading: ScaleReading): void;
  /** The connection broke; `problem` is for the baker, null while it is being mended by itself. */
  lost(problem: string | null): void;
  /** It goes on, but did not take a command; `problem` says what to do at the scale itself. */
  refused(problem: string): void;
}

/** A scale of whatever kind. */
export interface ScaleConnection {
  open(events: ScaleEvents): void;
  tare(): void;
  setUnit(unit: ScaleUnit): void;
  wake(): void;
  close(): void;
}
