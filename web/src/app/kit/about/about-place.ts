import { computed, Injectable, signal } from '@angular/core';
import { browserMemory } from '../browser-memory/browser-memory';
import type { PlaceId } from './place-id';

const SEEN = browserMemory('about-seen');
const BETWEEN = ' ';

/** *What is this?* of the place that is open: shown once by itself, then when it is asked for. */
@Injectable({ providedIn: 'root' })
export class AboutPlace {
  private readonly here = signal<PlaceId | null>(null);
  private readonly seen = signal<readonly string[]>((SEEN.read() ?? '').split(BETWEEN));
  private readonly wanted = signal(false);

  /** The place that is open; null where there is nothing to say of it. */
  readonly place = this.here.asReadonly();
  /** Whether it was asked for, by its button or key. */
  readonly isAsked = this.wanted.asReadonly();
  readonly isOpen = computed(() => {
    const here = this.here();
    return here !== null && (this.wanted() || !this.seen().includes(here));
  });

  arrive(place: PlaceId | null): void {
    if (place === this.here()) return;
    this.settle();
    this.here.set(place);
  }

  open(): void {
    this.wanted.set(true);
  }

  /** Closes it; it does not open by itself again in this browser. */
  close(): void {
    this.settle();
  }

  private settle(): void {
    const here = this.here();
    this.wanted.set(false);
    if (here === null || this.seen().includes(here)) return;
    this.seen.update((seen) => [...seen, here]);
    SEEN.keep(this.seen().join(BETWEEN).trim());
  }
}
