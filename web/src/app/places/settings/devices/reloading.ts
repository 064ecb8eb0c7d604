import { InjectionToken } from '@angular/core';

/** Opens a place as a new page, so that nothing is left of who asked before. */
export const RELOADING = new InjectionToken<(place: string) => void>('opens a place anew', {
  providedIn: 'root',
  factory: () => (place) => window.location.assign(place),
});
