import { EditorView } from '@codemirror/view';

/** What stands on a line of its own in what is copied from a page. */
const BLOCK = /<(?:li|p|br|tr|div|h\d)\b/gi;

const linesIn = (text: string): number => text.split('\n').filter((line) => line.trim()).length;

/** Letters and figures alone: bullets, spaces and breaks differ between the two. */
const lettersOf = (text: string): string => text.replace(/[^\p{L}\p{N}]/gu, '');

/**
 * The plain text of what was copied, with the lines of its rich form where the plain one lost them:
 * some programs put a whole list on one line.
 *
 * @returns the plain text itself where both have the same lines, or say different things
 */
export async function withItsLines(plain: string, rich: string): Promise<string> {
  const { textOfHtml } = await import('@ypsigram/core/formats');
  const text = textOfHtml(rich);
  const hasLost = linesIn(text) > linesIn(plain) && lettersOf(text) === lettersOf(plain);
  return hasLost ? text : plain;
}

/** A paste from a page keeps its lists. */
export const pasteWithItsLines = EditorView.domEventHandlers({
  paste(event, view) {
    const plain = event.clipboardData?.getData('text/plain') ?? '';
    const rich = event.clipboardData?.getData('text/html') ?? '';
    if (plain === '' || (rich.match(BLOCK)?.length ?? 0) <= linesIn(plain)) return false;
    event.preventDefault();
    const paste = (text: string): void =>
      view.dispatch(view.state.replaceSelection(text), {
        userEvent: 'input.paste',
        scrollIntoView: true,
      });
    withItsLines(plain, rich).then(paste, (error: unknown) => {
      console.warn('The lines of a page could not be told apart.', error);
      paste(plain);
    });
    return true;
  },
});
