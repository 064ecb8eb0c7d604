import { DestroyRef, Injectable, inject, signal } from '@angular/core';

/** Keeps the screen on for as long as the place that provides it is open, where the browser can. */
@Injectable()
export class ScreenAwake {
  private lock: WakeLockSentinel | null = null;
  /** Whether it is kept on now. */
  readonly isAwake = signal(false);

  constructor() {
    const again = (): void => {
      // A browser lets go of it when the page is hidden.
      if (document.visibilityState === 'visible') void this.hold();
    };
    document.addEventListener('visibilitychange', again);
    void this.hold();
    inject(DestroyRef).onDestroy(() => {
      document.removeEventListener('visibilitychange', again);
      void this.lock?.release();
    });
  }

  private async hold(): Promise<void> {
    if (!('wakeLock' in navigator)) return;
    try {
      this.lock = await navigator.wakeLock.request('screen');
      this.isAwake.set(true);
      this.lock.addEventListener('release', () => this.isAwake.set(false));
    } catch (error) {
      // Refused where the battery is low or the page may not: the screen goes dark as ever.
      console.warn('The screen is not kept on.', error);
      this.isAwake.set(false);
    }
  }
}
