import { EditorView } from '@codemirror/view';
import { RecipeFiles } from '../../../workers/recipe-files';

/** What stands on a line of its own in what is copied from a page. */
const BLOCK = /<(?:li|p|br|tr|div|h\d)\b/gi;

const linesIn = (text: string): number => text.split('\n').filter((line) => line.trim()).length;

/** A paste from a page keeps its lists, also where its plain text has lost their lines. */
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
    const files = new RecipeFiles();
    files
      .withItsLines(plain, rich)
      .then(paste, (error: unknown) => {
        console.warn('The lines of a page could not be told apart.', error);
        paste(plain);
      })
      .finally(() => files.stop());
    return true;
  },
});
