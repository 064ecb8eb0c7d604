import { randomFrom, type Random } from '@ypsigram/core/chance';
import type {
  HeatListener,
  HeatReading,
  ThermometerDescription,
  ThermometerDevice,
} from '../thermometer.js';

/** What a simulated oven is like: how wrong its dial is, and how it heats. */
export interface OvenNature {
  /** How much hotter than its dial it holds, in °C, at 180 °C. */
  readonly offsetCelsius: number;
  /** How much that grows for each degree. */
  readonly slope: number;
  /** What the fan adds: it brings the heat to the thermometer. */
  readonly fanCelsius: number;
}

const USUAL_NATURE: OvenNature = { offsetCelsius: 12, slope: 0.03, fanCelsius: 6 };
const ROOM_CELSIUS = 20;
/** The heater would bring it to so much in the end; its walls are slow. */
const HEATER_CELSIUS = 420;
const WARMING_SECONDS = 900;
const COOLING_SECONDS = 1500;
/** The thermostat switches off a little over its mark and on a little under. */
const HYSTERESIS_CELSIUS = 6;
/** The heat in the walls goes on rising after the heater is off. */
const WALL_SECONDS = 60;
const THERMOMETER_SECONDS = 25;
const NOISE_CELSIUS = 0.3;
const DOOR_SHARE = 0.25;
const TICK_MILLISECONDS = 500;
const LONGEST_STEP_SECONDS = 5;
/** Rising by less than this over a minute is cycling. */
const SETTLED_CELSIUS = 14;
const WATCHED_SECONDS = 420;
const MARK_CENTRE = 180;

/**
 * A simulated oven with a thermometer in it: warms up, overshoots, cycles around what its dial
 * means to it, and drifts. While somebody listens its clock runs, so many times faster as asked.
 */
export class SimulatedOven implements ThermometerDevice {
  private readonly listeners = new Map<HeatListener, () => void>();
  private readonly random: Random;
  private airCelsius = ROOM_CELSIUS;
  private wallCelsius = ROOM_CELSIUS;
  private shownCelsius = ROOM_CELSIUS;
  private isHeating = false;
  private isOn = false;
  private dialCelsius = 180;
  private isFan = false;
  private times = 1;
  private driftCelsius = 0;
  private seconds = 0;
  private history: { readonly at: number; readonly celsius: number }[] = [];
  private timer: NodeJS.Timeout | null = null;
  private reading: HeatReading = { sequence: 0, celsius: ROOM_CELSIUS, isSettled: false };

  constructor(
    seed: number,
    private readonly nature: OvenNature = USUAL_NATURE,
  ) {
    this.random = randomFrom(seed);
  }

  description(): ThermometerDescription {
    return { name: 'oven thermometer', isSimulated: true };
  }

  latest(): HeatReading {
    return this.reading;
  }

  state() {
    const { isOn, dialCelsius, isFan, times } = this;
    return { isOn, dialCelsius, isFan, times };
  }

  subscribe(listener: HeatListener, closed: () => void): () => void {
    this.listeners.set(listener, closed);
    this.timer ??= setInterval(
      () => this.pass((TICK_MILLISECONDS / 1000) * this.times),
      TICK_MILLISECONDS,
    );
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.rest();
    };
  }

  set(dialCelsius: number, isFan: boolean): void {
    this.isOn = true;
    this.dialCelsius = dialCelsius;
    this.isFan = isFan;
    this.history = [];
  }

  turnOff(): void {
    this.isOn = false;
  }

  /** Opens the door and closes it again: hot air falls out. */
  openDoor(): void {
    this.airCelsius -= (this.airCelsius - ROOM_CELSIUS) * DOOR_SHARE;
    this.history = [];
  }

  /** Lets its clock run so many times faster: nobody waits half an hour for a demo. */
  hurry(times: number): void {
    this.times = times;
  }

  /** Lets so much time go by, in seconds, and tells what the thermometer shows then. */
  pass(seconds: number): void {
    for (let left = seconds; left > 0; left -= LONGEST_STEP_SECONDS) {
      this.step(Math.min(left, LONGEST_STEP_SECONDS));
    }
    this.reading = {
      sequence: this.reading.sequence + 1,
      celsius: Math.round(this.shownCelsius + NOISE_CELSIUS * this.random.normal()),
      isSettled: this.isSettled(),
    };
    for (const listener of this.listeners.keys()) listener(this.reading);
  }

  close(): void {
    for (const closed of this.listeners.values()) closed();
    this.listeners.clear();
    this.rest();
  }

  private rest(): void {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
  }

  private step(seconds: number): void {
    this.seconds += seconds;
    const { offsetCelsius, slope, fanCelsius } = this.nature;
    this.driftCelsius +=
      0.02 * Math.sqrt(seconds) * this.random.normal() - this.driftCelsius * seconds * 1e-4;
    const target =
      this.dialCelsius +
      offsetCelsius +
      slope * (this.dialCelsius - MARK_CENTRE) +
      (this.isFan ? fanCelsius : 0) +
      this.driftCelsius;
    if (!this.isOn) this.isHeating = false;
    else if (this.airCelsius > target + HYSTERESIS_CELSIUS / 2) this.isHeating = false;
    else if (this.airCelsius < target - HYSTERESIS_CELSIUS / 2) this.isHeating = true;
    const goal = this.isHeating ? HEATER_CELSIUS : ROOM_CELSIUS;
    const slow = this.isHeating ? WARMING_SECONDS : COOLING_SECONDS;
    this.wallCelsius += ((goal - this.wallCelsius) * seconds) / slow;
    this.airCelsius += ((this.wallCelsius - this.airCelsius) * seconds) / WALL_SECONDS;
    this.shownCelsius += ((this.airCelsius - this.shownCelsius) * seconds) / THERMOMETER_SECONDS;
    this.history.push({ at: this.seconds, celsius: this.shownCelsius });
    const oldest = this.seconds - WATCHED_SECONDS;
    while (this.history.length > 0 && this.history[0]!.at < oldest) this.history.shift();
  }

  private isSettled(): boolean {
    const first = this.history[0];
    if (
      !this.isOn ||
      !first ||
      this.seconds - first.at < WATCHED_SECONDS - LONGEST_STEP_SECONDS * 2
    )
      return false;
    const shown = this.history.map(({ celsius }) => celsius);
    return Math.max(...shown) - Math.min(...shown) < SETTLED_CELSIUS;
  }
}
