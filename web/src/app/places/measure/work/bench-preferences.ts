import { Injectable, effect, signal } from '@angular/core';

/** What a key does at the bench. */
export type BenchDeed = 'go-on' | 'back';

/** How this device works at the bench: a tablet has a pedal, a phone has not. */
export interface BenchPreferences {
  readonly readAloud: boolean;
  readonly tone: boolean;
  /** What is steady at the mark for a second is taken by itself. */
  readonly takesItself: boolean;
  /** A scale under the bowl counts the fills. */
  readonly countsByScale: boolean;
  readonly keys: Readonly<Record<BenchDeed, readonly string[]>>;
}

export const USUAL_PREFERENCES: BenchPreferences = {
  readAloud: false,
  tone: false,
  takesItself: true,
  countsByScale: true,
  // A pedal sends the keys that turn pages.
  keys: { 'go-on': [' ', 'Enter', 'PageDown'], back: ['PageUp', 'Backspace'] },
};

const MEMORY_KEY = 'ypsigram.bench';

/** Remembered by this browser, not by the kitchen. */
@Injectable({ providedIn: 'root' })
export class Preferences {
  readonly all = signal<BenchPreferences>(recall());

  constructor() {
    effect(() => remember(this.all()));
  }

  set(change: Partial<BenchPreferences>): void {
    this.all.update((known) => ({ ...known, ...change }));
  }

  /** From now on a key does this, and nothing else. */
  addKey(deed: BenchDeed, key: string): void {
    const { keys } = this.all();
    const without = (of: BenchDeed): string[] => keys[of].filter((known) => known !== key);
    this.set({
      keys: { 'go-on': without('go-on'), back: without('back'), [deed]: [...without(deed), key] },
    });
  }

  resetKeys(): void {
    this.set({ keys: USUAL_PREFERENCES.keys });
  }
}

function recall(): BenchPreferences {
  try {
    const known: unknown = JSON.parse(localStorage.getItem(MEMORY_KEY) ?? '{}');
    return { ...USUAL_PREFERENCES, ...(known as Partial<BenchPreferences>) };
  } catch {
    // A browser that keeps nothing, or something unreadable, goes by what is usual.
    return USUAL_PREFERENCES;
  }
}

function remember(preferences: BenchPreferences): void {
  try {
    localStorage.setItem(MEMORY_KEY, JSON.stringify(preferences));
  } catch (error) {
    console.warn('This browser could not remember how the bench is set.', error);
  }
}
