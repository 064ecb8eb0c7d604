import type { ScaleReading, ScaleUnit } from '@ypsigram/core/bench';

/** Which scale it is and what it can do. */
export interface ScaleFacts {
  readonly name: string;
  readonly gridGrams: number;
  readonly capacityGrams: number;
  readonly units: readonly ScaleUnit[];
  readonly isSimulated: boolean;
}

/** A reading, numbered in the order of the stream. */
export interface NumberedReading extends ScaleReading {
  readonly sequence: number;
}

export type ScaleListener = (reading: NumberedReading) => void;

/** A digital scale: the simulated one that ships, or a real one behind the same face. */
export interface ScaleDevice {
  description(): ScaleFacts;
  latest(): NumberedReading;
  /** Readings after this number that are still remembered, oldest first. */
  since(sequence: number): readonly NumberedReading[];
  /** Calls back with every reading from now on, and once when it closes; the result ends that. */
  subscribe(listener: ScaleListener, closed: () => void): () => void;
  tare(): void;
  /** Wakes it where it has switched itself off. */
  wake(): void;
  /** @throws RangeError for a unit that it does not have. */
  setUnit(unit: ScaleUnit): void;
  close(): void;
}
