import {
  CSP_NONCE,
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  ElementRef,
  afterNextRender,
  effect,
  inject,
  input,
  output,
} from '@angular/core';
import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
import { EditorState, StateEffect, StateField } from '@codemirror/state';
import {
  BlockType,
  Decoration,
  EditorView,
  keymap,
  placeholder,
  type BlockInfo,
  type DecorationSet,
} from '@codemirror/view';
import type { Line, Span } from '@ypsigram/core/reading';
import type { ReadingRow } from '../rows';
import { pasteWithItsLines } from './rich-paste';
import { SpaceBelow } from './space-below';

/** Where a line of the editor stands, in pixels from the top of the text. */
export interface LinePlace {
  readonly top: number;
  /** Height of the text itself, without the space that was put under it. */
  readonly height: number;
}

/** A word of a line, by its characters. */
export interface UnsureWord extends Pick<Span, 'start' | 'end'> {
  readonly line: number;
}

const UNSURE = Decoration.mark({
  class: 'yg-unsure',
  attributes: { title: 'Not read for sure: compare it with the photo.' },
});

const PLACEHOLDER = `Paste or type a recipe. For example:

Oat slabs
Makes 16

2 cups rolled oats
1 cup flour, sifted
3/4 cup packed brown sugar
1 stick butter, melted
a pinch of salt`;

/**
 * Text typed over a selection is put in by the editor itself: the browser would carry the
 * looks of what stood there over as inline styles, which the page's policy forbids.
 */
const typeOverSelection = EditorView.domEventHandlers({
  beforeinput(event, view) {
    if (event.inputType !== 'insertText' || event.data === null) return false;
    // Many lines at once would be laid out one by one by the browser, which takes minutes.
    if (view.state.selection.main.empty && !event.data.includes('\n')) return false;
    const change = view.state.replaceSelection(event.data);
    view.dispatch(change, { userEvent: 'input.type', scrollIntoView: true });
    event.preventDefault();
    return true;
  },
});

const decorated = StateEffect.define<DecorationSet>();

const decorations = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(value, transaction) {
    for (const part of transaction.effects) if (part.is(decorated)) return part.value;
    return value.map(transaction.changes);
  },
  provide: (field) => EditorView.decorations.from(field),
});

/** The text of a line without the space below it. */
const textOf = (block: BlockInfo): BlockInfo =>
  Array.isArray(block.type)
    ? (block.type as readonly BlockInfo[]).find(({ type }) => type === BlockType.Text)!
    : block;

/** What was understood of a line, where it stands in the text. */
const marksOf = ({ partOf, spans }: Line): readonly Span[] => partOf?.marks ?? spans;

/** The recipe's text, marked up with what was understood of it. */
@Component({
  selector: 'yg-recipe-editor',
  template: '',
  styleUrl: './recipe-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecipeEditor {
  readonly text = input.required<string>();
  readonly rows = input.required<readonly ReadingRow[]>();
  /** Pixels of space under each line, so that what stands beside it has room. */
  readonly space = input<readonly number[]>([]);
  /** Words that were not read for sure on a photo. */
  readonly unsure = input<readonly UnsureWord[]>([]);
  readonly edited = output<string>();
  readonly placed = output<readonly LinePlace[]>();
  /** A line that the keyboard is to go to; null while none is asked for. */
  readonly wanted = input<number | null>(null);
  /** The line that the keyboard is in. */
  readonly lineAtHand = output<number>();

  private readonly host: HTMLElement = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly nonce = inject(CSP_NONCE) ?? '';
  private view: EditorView | null = null;

  constructor() {
    afterNextRender(() => {
      this.view = this.open();
      this.mark();
    });
    effect(() => {
      const text = this.text();
      const view = this.view;
      if (!view || view.state.doc.toString() === text) return;
      view.dispatch({ changes: { from: 0, to: view.state.doc.length, insert: text } });
    });
    effect(() => {
      this.rows();
      this.space();
      this.unsure();
      this.mark();
    });
    effect(() => {
      const wanted = this.wanted();
      const view = this.view;
      if (wanted === null || !view || wanted >= view.state.doc.lines) return;
      const { from } = view.state.doc.line(wanted + 1);
      view.dispatch({ selection: { anchor: from }, scrollIntoView: true });
      view.focus();
    });
    inject(DestroyRef).onDestroy(() => this.view?.destroy());
  }

  private open(): EditorView {
    const state = EditorState.create({
      doc: this.text(),
      extensions: [
        history(),
        keymap.of([...defaultKeymap, ...historyKeymap]),
        EditorView.lineWrapping,
        EditorView.cspNonce.of(this.nonce),
        EditorView.contentAttributes.of({
          'aria-label': 'Recipe text',
          spellcheck: 'false',
          autocorrect: 'off',
        }),
        placeholder(PLACEHOLDER),
        decorations,
        typeOverSelection,
        pasteWithItsLines,
        EditorView.updateListener.of((update) => {
          const { doc, selection } = update.state;
          if (update.docChanged) this.edited.emit(doc.toString());
          if (update.selectionSet) this.lineAtHand.emit(doc.lineAt(selection.main.head).number - 1);
          if (update.docChanged || update.geometryChanged) this.report(update.view);
        }),
      ],
    });
    return new EditorView({ state, parent: this.host });
  }

  private report(view: EditorView): void {
    view.requestMeasure({
      read: () => {
        const places: LinePlace[] = [];
        for (let number = 1; number <= view.state.doc.lines; number++) {
          const { top, height } = textOf(view.lineBlockAt(view.state.doc.line(number).from));
          places.push({ top, height });
        }
        return places;
      },
      write: (places) => this.placed.emit(places),
      key: this,
    });
  }

  private mark(): void {
    const view = this.view;
    if (!view) return;
    const { doc } = view.state;
    const ranges = [];
    const space = this.space();
    for (const [index, row] of this.rows().entries()) {
      if (index >= doc.lines) break;
      const line = doc.line(index + 1);
      const kind = row.title ? 'title' : (row.lines[0]?.kind ?? 'blank');
      ranges.push(Decoration.line({ class: `yg-line-${kind}` }).range(line.from));
      for (const { part, start, end } of row.lines.flatMap(marksOf)) {
        if (end > line.length || end <= start) continue;
        ranges.push(
          Decoration.mark({ class: `yg-${part}` }).range(line.from + start, line.from + end),
        );
      }
      const pixels = space[index] ?? 0;
      if (pixels > 0) {
        const widget = new SpaceBelow(pixels);
        ranges.push(Decoration.widget({ widget, block: true, side: 1 }).range(line.to));
      }
    }
    for (const { line: at, start, end } of this.unsure()) {
      if (at >= doc.lines) continue;
      const line = doc.line(at + 1);
      if (end <= line.length) ranges.push(UNSURE.range(line.from + start, line.from + end));
    }
    view.dispatch({ effects: decorated.of(Decoration.set(ranges, true)) });
    this.report(view);
  }
}
