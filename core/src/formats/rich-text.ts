import { textOfHtml } from './html-text.js';

/** How many lines of a text say something. */
const linesIn = (text: string): number => text.split('\n').filter((line) => line.trim()).length;

/** Letters and figures alone: bullets, spaces and breaks differ between the two. */
const lettersOf = (text: string): string => text.replace(/[^\p{L}\p{N}]/gu, '');

/**
 * The plain text of what was copied, with the lines of its rich form where the plain one lost them:
 * some programs put a whole list on one line.
 *
 * @returns the plain text itself where both have the same lines, or say different things
 */
export function withItsLines(plain: string, rich: string): string {
  const text = textOfHtml(rich);
  const hasLost = linesIn(text) > linesIn(plain) && lettersOf(text) === lettersOf(plain);
  return hasLost ? text : plain;
}
