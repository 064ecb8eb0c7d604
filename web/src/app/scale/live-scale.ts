import { Injectable, computed, effect, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { scaleWarningMessage } from '@ypsigram/contract/frame';
import {
  EMPTY_SCALE,
  remember,
  scaleWarnings,
  type ScaleMemory,
  type ScaleReading,
  type ScaleSetting,
  type ScaleUnit,
} from '@ypsigram/core/bench';
import { ScaleApi } from '../api/scale-api';
import { kitchenFeature } from '../state/kitchen/kitchen.feature';
import type { ScaleConnection, ConnectedScale } from './scale-connection';
import { scalePorts } from './scale-ports';
import { ServerScale } from './server-scale';
import type { WeighedNext } from './weighed-next';

export type ScaleStatus = 'off' | 'connecting' | 'live' | 'lost';

const MEMORY_KEY = 'ypsigram.scale';
const WATER = 'water';

const sameReading = (a: ScaleReading | null, b: ScaleReading | null): boolean =>
  a === b ||
  (a !== null &&
    b !== null &&
    a.shown === b.shown &&
    a.isStable === b.isStable &&
    a.state === b.state &&
    a.unit === b.unit &&
    a.tareGrams === b.tareGrams);

/** The scale within reach, whatever kind it is: what it shows, and what seems wrong about it. */
@Injectable({ providedIn: 'root' })
export class LiveScale {
  private readonly api = inject(ScaleApi);
  private readonly store = inject(Store);
  private readonly containers = this.store.selectSignal(kitchenFeature.selectContainers);
  private readonly memory = signal<ScaleMemory>(EMPTY_SCALE);
  private connection: ScaleConnection | null = null;

  private readonly ports = scalePorts();
  /** Ways to a real scale that this browser has. */
  readonly hasSerial = this.ports.serial !== null;
  readonly hasUsb = this.ports.hid !== null;
  readonly hasReal = this.hasSerial || this.hasUsb;
  readonly status = signal<ScaleStatus>('off');
  readonly description = signal<ConnectedScale | null>(null);
  /** Told on only when something on the display has changed. */
  readonly reading = signal<ScaleReading | null>(null, { equal: sameReading });
  readonly problem = signal<string | null>(null);
  readonly weighing = signal<WeighedNext | null>(null);
  /** The place that is open tells what is wrong by itself. */
  readonly isMinded = signal(false);

  private readonly setting = computed<ScaleSetting>(() => {
    const weighing = this.weighing();
    return {
      containers: this.containers(),
      gridGrams: this.description()?.gridGrams ?? 1,
      content: weighing
        ? {
            gramsPerMillilitre: weighing.gramsPerMillilitre,
            isWater: weighing.ingredientId === WATER,
          }
        : null,
    };
  });
  readonly warnings = computed(() => {
    const reading = this.reading();
    return reading
      ? scaleWarnings(reading, this.memory(), this.setting()).map((warning) => ({
          code: warning.code,
          message: scaleWarningMessage(warning),
        }))
      : [];
  });
  /** The settled net mass that can be taken now, in grams; null while there is none. */
  readonly settledGrams = computed(() => {
    const reading = this.reading();
    if (this.status() !== 'live' || !reading?.isStable || reading.grams === null) return null;
    return reading.grams > 0 ? reading.grams : null;
  });
  /** How that mass reads on the scale. */
  readonly gridGrams = computed(() => this.description()?.gridGrams ?? 1);

  constructor() {
    effect(() => {
      const reading = this.reading();
      const setting = this.setting();
      if (reading) this.memory.update((memory) => remember(memory, reading, setting));
    });
    if (recall()) this.connect();
  }

  /** Connects the scale that hangs on the server. */
  connect(): void {
    this.open(new ServerScale(this.api));
    keepInMind(true);
  }

  /** Asks the baker for a serial port and reads the scale there. */
  connectSerial(): Promise<void> {
    return this.ask('This browser could not open a serial port.', async () => {
      const port = await this.ports.serial!.requestPort();
      const { SerialScale } = await import('./serial-scale');
      return new SerialScale(port);
    });
  }

  /** Asks the baker for a scale on USB that keeps to the standard for weighing devices. */
  connectUsb(): Promise<void> {
    return this.ask('This browser could not open a USB device.', async () => {
      const { askForScale } = await import('./hid-scale');
      return askForScale(this.ports.hid!);
    });
  }

  disconnect(): void {
    this.connection?.close();
    this.connection = null;
    this.status.set('off');
    this.reading.set(null);
    this.description.set(null);
    this.problem.set(null);
    keepInMind(false);
  }

  tare(): void {
    this.connection?.tare();
  }

  wake(): void {
    this.connection?.wake();
  }

  setUnit(unit: ScaleUnit): void {
    this.connection?.setUnit(unit);
  }

  /** The simulation was turned into another scale. */
  changed(description: ConnectedScale): void {
    this.description.set(description);
  }

  private async ask(problem: string, choose: () => Promise<ScaleConnection | null>): Promise<void> {
    try {
      const connection = await choose();
      if (connection) this.open(connection);
    } catch (error) {
      // Choosing none is an answer too.
      if (error instanceof DOMException && error.name === 'NotFoundError') return;
      console.warn(problem, error);
      this.problem.set(problem);
    }
  }

  private open(connection: ScaleConnection): void {
    this.connection?.close();
    this.connection = connection;
    this.status.set('connecting');
    this.problem.set(null);
    this.memory.set(EMPTY_SCALE);
    connection.open({
      described: (description) => this.description.set(description),
      read: (reading) => {
        // What the scale refused stays said while it sends on, until it stands at zero.
        if (this.status() !== 'live' || reading.grams === 0) this.problem.set(null);
        this.status.set('live');
        this.reading.set(reading);
      },
      lost: (problem) => {
        this.status.set('lost');
        this.problem.set(problem);
      },
      refused: (problem) => this.problem.set(problem),
    });
  }
}

function keepInMind(connected: boolean): void {
  try {
    if (connected) localStorage.setItem(MEMORY_KEY, 'server');
    else localStorage.removeItem(MEMORY_KEY);
  } catch (error) {
    console.warn('This browser could not remember the scale. Connect it again next time.', error);
  }
}

function recall(): boolean {
  try {
    return localStorage.getItem(MEMORY_KEY) === 'server';
  } catch {
    // A browser that keeps nothing has nothing to say.
    return false;
  }
}
