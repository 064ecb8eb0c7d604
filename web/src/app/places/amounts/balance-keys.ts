import { isTypedIn } from '../../kit/keys/typed-in';

/** What the keys do in Amounts. */
export type BalanceKey =
  | 'undo'
  | 'redo'
  | 'columns'
  | 'more'
  | 'less'
  | 'mend'
  | 'cleaner'
  | 'nearest'
  | 'chance'
  | 'card'
  | 'next'
  | 'previous';

const PLAIN: Readonly<Record<string, BalanceKey>> = {
  w: 'columns',
  '+': 'more',
  '-': 'less',
  '−': 'less',
  m: 'mend',
  b: 'cleaner',
  c: 'chance',
  p: 'card',
};

/**
 * What a key press means in Amounts; null where it is typed into a field or means nothing.
 *
 * @param areLettersKeys whether a key without Ctrl means something away from a line
 */
export function balanceKey(event: KeyboardEvent, areLettersKeys = true): BalanceKey | null {
  const { key, ctrlKey, metaKey, altKey, shiftKey, target } = event;
  if (isTypedIn(target) || altKey) return null;
  if (ctrlKey || metaKey) {
    if (key.toLowerCase() === 'z') return shiftKey ? 'redo' : 'undo';
    return key.toLowerCase() === 'y' ? 'redo' : null;
  }
  const isOnLine = target instanceof HTMLElement && target.closest('.edit') !== null;
  if (isOnLine && key === 'ArrowDown') return 'next';
  if (isOnLine && key === 'ArrowUp') return 'previous';
  if (isOnLine && key.toLowerCase() === 'n') return 'nearest';
  return areLettersKeys ? (PLAIN[key.toLowerCase()] ?? null) : null;
}
