import { displayOf, type ScaleReading, type ScaleUnit } from '@ypsigram/core/bench';
import { randomFrom, type Random } from '@ypsigram/core/chance';
import type { NumberedReading, ScaleFacts, ScaleDevice, ScaleListener } from '../scale.js';
import { ScaleLoads, type Load } from './loads.js';
import { Platform, USUAL_ERRORS, type ScaleErrors } from './platform.js';

/** Readings in a second. */
const READINGS_A_SECOND = 20;
const TICK_MILLISECONDS = 1000 / READINGS_A_SECOND;
/** Readings that are overdue by more than this are left out. */
const MOST_LATE_MILLISECONDS = 1000;
/** So many readings are remembered for somebody who lost the connection: three seconds. */
const REMEMBERED = 3 * READINGS_A_SECOND;
/** An untouched scale switches itself off. */
const AUTO_OFF_SECONDS = 180;
/** A press that is never released pours no longer than this. */
const LONGEST_POUR_SECONDS = 20;

/** What a simulated scale is made of. */
export interface SimulationSettings {
  readonly scale: Omit<ScaleFacts, 'isSimulated'>;
  readonly seed: number;
  readonly errors?: ScaleErrors;
  readonly autoOffSeconds?: number;
}

interface Pour {
  readonly load: Load;
  readonly gramsPerSecond: number;
  seconds: number;
}

/**
 * A simulated digital scale. While somebody listens it reads twenty times a second; it settles,
 * is noisy, drifts, refuses too much and switches itself off, as scales do.
 */
export class SimulatedScale implements ScaleDevice {
  readonly loads = new ScaleLoads();
  private readonly listeners = new Map<ScaleListener, () => void>();
  private readonly errors: ScaleErrors;
  private readonly autoOffSeconds: number;
  private platform: Platform;
  private scale: Omit<ScaleFacts, 'isSimulated'>;
  private random: Random;
  private seedOfFills: number;
  private fillsDrawn = 0;
  private unit: ScaleUnit = 'g';
  private zeroGrams = 0;
  private tareGrams = 0;
  private isOff = false;
  private idleSeconds = 0;
  private pour: Pour | null = null;
  private timer: NodeJS.Timeout | null = null;
  private remembered: readonly NumberedReading[] = [];
  private reading: NumberedReading;

  constructor({ scale, seed, errors = USUAL_ERRORS, autoOffSeconds }: SimulationSettings) {
    this.scale = scale;
    this.errors = errors;
    this.autoOffSeconds = autoOffSeconds ?? AUTO_OFF_SECONDS;
    this.seedOfFills = seed;
    this.random = randomFrom(seed);
    this.platform = new Platform(errors, randomFrom(seed + 1));
    this.reading = { ...this.read(), sequence: 0 };
  }

  description(): ScaleFacts {
    return { ...this.scale, isSimulated: true };
  }

  latest(): NumberedReading {
    return this.reading;
  }

  since(sequence: number): readonly NumberedReading[] {
    return this.remembered.filter((reading) => reading.sequence > sequence);
  }

  subscribe(listener: ScaleListener, closed: () => void): () => void {
    this.listeners.set(listener, closed);
    // Nobody looks at a scale that nobody listens to: its clock stands still.
    this.timer ??= this.start();
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.rest();
    };
  }

  tare(): void {
    this.touch();
    this.tareGrams = this.platform.zero() - this.zeroGrams;
    // A scale that is tared empty is zeroed: what it then takes away is drift, not a container.
    if (Math.abs(this.tareGrams) < this.scale.gridGrams) {
      this.zeroGrams += this.tareGrams;
      this.tareGrams = 0;
    }
  }

  wake(): void {
    if (this.isOff) {
      // On switching on, whatever lies there is zero.
      this.isOff = false;
      this.platform.reset();
      this.platform.pass(60, this.loads.grams(), 0);
      this.zeroGrams = this.platform.zero();
      this.tareGrams = 0;
    }
    this.touch();
  }

  setUnit(unit: ScaleUnit): void {
    if (!this.scale.units.includes(unit)) {
      throw new RangeError(`The ${this.scale.name} does not show ${unit}`);
    }
    this.touch();
    this.unit = unit;
  }

  /** Turns it into another scale, with what lies on it; it starts zeroed and empty of tare. */
  become(scale: Omit<ScaleFacts, 'isSimulated'>): void {
    this.scale = scale;
    if (!scale.units.includes(this.unit)) this.unit = scale.units[0]!;
    this.platform = new Platform(this.errors, randomFrom(this.seedOfFills + 1));
    this.zeroGrams = 0;
    this.tareGrams = 0;
    this.touch();
  }

  put(load: Omit<Load, 'id'>): void {
    this.loads.put(load);
    this.touch();
  }

  takeOff(id: number): boolean {
    this.touch();
    return this.loads.takeOff(id);
  }

  clear(): void {
    this.stopPouring();
    this.loads.clear();
    this.touch();
  }

  startPouring(load: Omit<Load, 'id' | 'grams'>, gramsPerSecond: number): void {
    this.stopPouring();
    this.pour = { load: this.loads.put({ ...load, grams: 0 }), gramsPerSecond, seconds: 0 };
    this.touch();
  }

  stopPouring(): void {
    this.pour = null;
  }

  isPouring(): boolean {
    return this.pour !== null;
  }

  /** Starts the luck of typical fills anew. */
  reseed(seed: number): void {
    this.seedOfFills = seed;
    this.random = randomFrom(seed);
    this.fillsDrawn = 0;
  }

  /** The luck of the next typical fill. */
  fillRandom(): Random {
    this.fillsDrawn += 1;
    return this.random;
  }

  seed(): { readonly seed: number; readonly fills: number } {
    return { seed: this.seedOfFills, fills: this.fillsDrawn };
  }

  /** Lets time pass and tells every listener what it then shows. */
  tick(seconds: number): void {
    this.pourOn(seconds);
    this.platform.pass(seconds, this.loads.grams(), this.scale.gridGrams);
    this.idleSeconds += seconds;
    if (this.idleSeconds >= this.autoOffSeconds) this.isOff = true;
    const reading = { ...this.read(), sequence: this.reading.sequence + 1 };
    const wasOff = this.reading.state === 'off';
    this.reading = reading;
    // A dark display has nothing new to say.
    if (wasOff && reading.state === 'off') return;
    this.remembered = [...this.remembered.slice(1 - REMEMBERED), reading];
    for (const listener of this.listeners.keys()) listener(reading);
  }

  close(): void {
    const closed = [...this.listeners.values()];
    this.listeners.clear();
    this.rest();
    for (const end of closed) end();
  }

  /** Twenty readings a second on the whole, though a timer is late now and then. */
  private start(): NodeJS.Timeout {
    let due = performance.now() + TICK_MILLISECONDS;
    return setInterval(() => {
      const late = performance.now() - due;
      // A machine that slept does not make up for the night.
      if (late > MOST_LATE_MILLISECONDS) due += late;
      for (; due <= performance.now(); due += TICK_MILLISECONDS)
        this.tick(TICK_MILLISECONDS / 1000);
    }, TICK_MILLISECONDS / 2);
  }

  private pourOn(seconds: number): void {
    if (!this.pour) return;
    this.pour.seconds += seconds;
    this.loads.add(this.pour.load.id, this.pour.gramsPerSecond * seconds);
    this.touch();
    if (this.pour.seconds >= LONGEST_POUR_SECONDS) this.stopPouring();
  }

  private rest(): void {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
    this.stopPouring();
  }

  private touch(): void {
    this.idleSeconds = 0;
  }

  private read(): ScaleReading {
    const { gridGrams, capacityGrams } = this.scale;
    const load = this.loads.grams();
    const gross = this.platform.grams() - this.zeroGrams;
    const shared = { unit: this.unit, tareGrams: this.tareGrams } as const;
    const dark = { ...shared, shown: '', grams: null, isStable: false } as const;
    if (this.isOff) return { ...dark, state: 'off' };
    if (gross > capacityGrams + gridGrams) return { ...dark, state: 'overload' };
    if (gross - this.tareGrams < -capacityGrams) return { ...dark, state: 'underload' };
    const display = displayOf(gross - this.tareGrams, this.unit, gridGrams);
    const isStable = !this.pour && this.platform.hasSettled(load, gridGrams);
    return { ...shared, ...display, state: 'on', isStable };
  }
}
