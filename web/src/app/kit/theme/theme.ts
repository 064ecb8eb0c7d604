import { computed, signal } from '@angular/core';
import { browserMemory } from '../browser-memory/browser-memory';

/** Day and night, or as the device has it. */
export const THEMES = ['system', 'day', 'night'] as const;
export type Theme = (typeof THEMES)[number];

const MEMORY = browserMemory('theme');
const darkDevice = matchMedia('(prefers-color-scheme: dark)');

const kept = (): Theme => {
  const found = MEMORY.read();
  return THEMES.find((theme) => theme === found) ?? 'system';
};

const chosen = signal<Theme>(kept());
const isDeviceDark = signal(darkDevice.matches);

/** What was chosen on this device. */
export const theme = chosen.asReadonly();

/** Whether the page is drawn as at night. */
export const isNight = computed(() =>
  chosen() === 'system' ? isDeviceDark() : chosen() === 'night',
);

/** Chooses it for this device. */
export function chooseTheme(choice: Theme): void {
  MEMORY.keep(choice);
  chosen.set(choice);
  show(choice);
}

/** Draws the page so from the start; to be called once, before anything is drawn. */
export function followTheme(): void {
  darkDevice.addEventListener('change', ({ matches }) => isDeviceDark.set(matches));
  show(chosen());
}

/** Where nothing was chosen the stylesheet asks the device itself. */
function show(choice: Theme): void {
  const { dataset } = document.documentElement;
  if (choice === 'system') delete dataset['theme'];
  else dataset['theme'] = choice;
}
