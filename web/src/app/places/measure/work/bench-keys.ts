import { isTypedIn } from '../../../kit/keys/typed-in';
import type { BenchDeed, BenchPreferences } from './bench-preferences';

/** What a key press means at the bench. */
export type BenchKey =
  BenchDeed | 'undo' | 'redo' | 'next-line' | 'previous-line' | 'move-later' | 'move-earlier';

/** What a button does by itself with a key: there the key is the button's. */
const BUTTON_KEYS = [' ', 'Enter'];

const isOnControl = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('button, a, summary, [role="radio"]') !== null;

/**
 * What a key press means at the bench; null where it is typed into a field, belongs to the button
 * in focus, or means nothing. Space and Enter go on from wherever nothing else is in focus.
 */
export function benchKey(
  { key, ctrlKey, metaKey, altKey, shiftKey, target }: KeyboardEvent,
  keys: BenchPreferences['keys'],
): BenchKey | null {
  if (isTypedIn(target)) return null;
  if (altKey) {
    if (key === 'ArrowRight') return 'move-later';
    return key === 'ArrowLeft' ? 'move-earlier' : null;
  }
  if (ctrlKey || metaKey) {
    if (key.toLowerCase() === 'z') return shiftKey ? 'redo' : 'undo';
    return key.toLowerCase() === 'y' ? 'redo' : null;
  }
  if (BUTTON_KEYS.includes(key) && isOnControl(target)) return null;
  if (keys['go-on'].includes(key)) return 'go-on';
  if (keys.back.includes(key)) return 'back';
  if (key === 'ArrowRight') return 'next-line';
  if (key === 'ArrowLeft') return 'previous-line';
  return null;
}

const NAMES: Readonly<Record<string, string>> = {
  ' ': 'Space',
  PageDown: 'Page down',
  PageUp: 'Page up',
  ArrowDown: '↓',
  ArrowUp: '↑',
  Backspace: 'Backspace',
};

/** A key as it is called on screen. */
export const keyName = (key: string): string =>
  NAMES[key] ?? (key.length === 1 ? key.toUpperCase() : key);
