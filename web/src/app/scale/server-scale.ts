import type { ScaleReadingReply } from '@ypsigram/contract';
import type { ScaleUnit } from '@ypsigram/core/bench';
import { SCALE_STREAM, type ScaleApi } from '../api/scale-api';
import { problemOf } from '../api/recipes-api';
import type { ScaleConnection, ScaleEvents } from './scale-connection';

/** A stream that the browser has given up is opened anew after this. */
const RETRY_MILLISECONDS = 2000;

/** The scale on the server: its readings stream in, its buttons are pressed by requests. */
export class ServerScale implements ScaleConnection {
  private source: EventSource | null = null;
  private events: ScaleEvents | null = null;
  private retry: ReturnType<typeof setTimeout> | null = null;

  constructor(private readonly api: ScaleApi) {}

  open(events: ScaleEvents): void {
    this.events = events;
    this.describe();
    this.listen();
  }

  tare(): void {
    this.press({ do: 'tare' });
  }

  setUnit(unit: ScaleUnit): void {
    this.press({ do: 'unit', unit });
  }

  wake(): void {
    this.press({ do: 'wake' });
  }

  close(): void {
    this.events = null;
    this.source?.close();
    if (this.retry) clearTimeout(this.retry);
  }

  /** Asks which scale it is now. */
  describe(): void {
    this.api.read().subscribe({
      next: ({ scale, reading }) => {
        this.events?.described(scale);
        this.events?.read(reading);
      },
      error: (error: unknown) => this.events?.lost(problemOf(error)),
    });
  }

  private press(command: Parameters<ScaleApi['press']>[0]): void {
    this.api.press(command).subscribe({
      error: (error: unknown) => this.events?.lost(problemOf(error)),
    });
  }

  private listen(): void {
    const source = new EventSource(SCALE_STREAM);
    this.source = source;
    source.addEventListener('reading', (event: MessageEvent<string>) => {
      this.events?.read(JSON.parse(event.data) as ScaleReadingReply);
    });
    source.addEventListener('error', () => {
      this.events?.lost(null);
      if (source.readyState !== EventSource.CLOSED) return;
      this.retry = setTimeout(() => {
        if (!this.events) return;
        this.listen();
        this.describe();
      }, RETRY_MILLISECONDS);
    });
  }
}
