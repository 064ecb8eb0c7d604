import { Injectable, inject, signal, type OnDestroy } from '@angular/core';
import type { OvenCommand, SimulatedOvenState, ThermometerReading } from '@ypsigram/contract/oven';
import { OvenApi, THERMOMETER_STREAM } from '../../api/oven-api';
import { problemOf } from '../../api/recipes-api';

/** The thermometer that is connected, and the simulated oven it stands in. */
@Injectable()
export class Thermometer implements OnDestroy {
  private readonly api = inject(OvenApi);
  private stream: EventSource | null = null;

  readonly reading = signal<ThermometerReading | null>(null);
  readonly oven = signal<SimulatedOvenState | null>(null);
  readonly problem = signal<string | null>(null);

  connect(): void {
    if (this.stream) return;
    this.stream = new EventSource(THERMOMETER_STREAM);
    this.stream.addEventListener('reading', ({ data }: MessageEvent<string>) =>
      this.reading.set(JSON.parse(data) as ThermometerReading),
    );
    this.api.simulatedOven().subscribe({
      next: (oven) => this.oven.set(oven),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  disconnect(): void {
    this.stream?.close();
    this.stream = null;
    this.reading.set(null);
  }

  turn(command: OvenCommand): void {
    this.api.turnOven(command).subscribe({
      next: (oven) => this.oven.set(oven),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  ngOnDestroy(): void {
    this.disconnect();
  }
}
