import { ChangeDetectionStrategy, Component, type ElementRef, viewChild } from '@angular/core';

const KEYS = [
  { keys: 'Ctrl Z', does: 'undo what was decided last' },
  { keys: 'Ctrl Shift Z', does: 'redo it' },
  { keys: 'W', does: 'measure, weigh or both' },
  { keys: '+', does: 'half as much again: ×1/2 more' },
  { keys: '−', does: '×1/2 less' },
  { keys: 'M', does: 'mend the first line that is out' },
  { keys: 'B', does: 'the first of the cleaner batches nearby' },
  { keys: '↓ ↑', does: 'from the basis of one line to the next' },
  { keys: 'Enter', does: 'open and close a line’s basis' },
  { keys: 'N', does: 'on a line: fill it as near as the tools come, and back' },
  { keys: 'C', does: 'how likely it comes out' },
  { keys: 'P', does: 'the card to print' },
  { keys: 'Ctrl S', does: 'save now' },
  { keys: '?', does: 'this sheet' },
] as const;

/** The keys of the Balance. */
@Component({
  selector: 'yg-shortcut-sheet',
  template: `
    <dialog #sheet aria-labelledby="keys-heading">
      <h2 id="keys-heading">Keys of the Balance</h2>
      <dl>
        @for (entry of keys; track entry.keys) {
          <div>
            <dt>
              <kbd>{{ entry.keys }}</kbd>
            </dt>
            <dd>{{ entry.does }}</dd>
          </div>
        }
      </dl>
      <form method="dialog">
        <button class="btn btn-primary">Close</button>
      </form>
    </dialog>
  `,
  styles: `
    dialog {
      max-width: 32rem;
      padding: 1.2rem 1.5rem;
      border: 2px solid var(--yg-cobalt);
      border-radius: var(--bs-border-radius-lg);
    }
    dl > div {
      display: grid;
      grid-template-columns: 8rem 1fr;
      padding: 0.2rem 0;
    }
    dd {
      margin: 0;
    }
    kbd {
      background: var(--yg-cobalt-wash);
      color: var(--yg-ink);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShortcutSheet {
  protected readonly keys = KEYS;
  private readonly sheet = viewChild.required<ElementRef<HTMLDialogElement>>('sheet');

  open(): void {
    const { nativeElement } = this.sheet();
    if (!nativeElement.open) nativeElement.showModal();
  }
}
