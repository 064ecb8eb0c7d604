import { DestroyRef, computed, inject, signal, type Signal } from '@angular/core';
import type { LinePlace } from './editor';

/** Rows this far outside of the window are drawn too, in pixels. */
const MARGIN = 1200;
/** A text of so few lines is drawn whole. */
const FEW = 120;

/**
 * Which rows are near enough to the window to be drawn: thousands of them at once would stop the
 * page.
 */
export function rowsInView(places: Signal<readonly LinePlace[]>): Signal<(row: number) => boolean> {
  const edge = signal({ top: 0, bottom: window.innerHeight });
  let isDue = false;
  const look = (): void => {
    if (isDue) return;
    isDue = true;
    requestAnimationFrame(() => {
      isDue = false;
      edge.set({ top: window.scrollY, bottom: window.scrollY + window.innerHeight });
    });
  };
  const options = { passive: true };
  window.addEventListener('scroll', look, options);
  window.addEventListener('resize', look, options);
  inject(DestroyRef).onDestroy(() => {
    window.removeEventListener('scroll', look);
    window.removeEventListener('resize', look);
  });
  return computed(() => {
    const known = places();
    const { top, bottom } = edge();
    if (known.length <= FEW) return () => true;
    return (row) => {
      const place = known[row];
      return (
        place === undefined ||
        (place.top + place.height > top - MARGIN && place.top < bottom + MARGIN)
      );
    };
  });
}
