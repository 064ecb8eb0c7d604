/** Which thermometer it is. */
export interface ThermometerDescription {
  readonly name: string;
  readonly isSimulated: boolean;
}

/** A reading, numbered in the order of the stream. */
export interface HeatReading {
  readonly sequence: number;
  readonly celsius: number;
  /** It has stopped rising and only cycles. */
  readonly isSettled: boolean;
}

export type HeatListener = (reading: HeatReading) => void;

/** A thermometer in an oven: the simulated one that ships, or a real one behind the same face. */
export interface ThermometerDevice {
  description(): ThermometerDescription;
  latest(): HeatReading;
  /** Calls back with every reading from now on, and once when it closes; the result ends that. */
  subscribe(listener: HeatListener, closed: () => void): () => void;
  close(): void;
}
