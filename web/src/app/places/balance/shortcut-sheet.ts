import { ChangeDetectionStrategy, Component, type ElementRef, viewChild } from '@angular/core';

const KEYS = [
  { keys: 'Ctrl Z', does: 'undo the last change' },
  { keys: 'Ctrl Shift Z', does: 'redo the change' },
  { keys: 'W', does: 'show what to measure, what to weigh, or both' },
  { keys: '+', does: 'add half a recipe to the batch' },
  { keys: '−', does: '×1/2 less' },
  { keys: 'M', does: 'fix the first line whose columns disagree' },
  { keys: 'B', does: 'use the first batch that is easier to measure' },
  { keys: '↓ ↑', does: 'go from line to line' },
  { keys: 'Enter', does: 'open or close the details of a line' },
  { keys: 'N', does: 'on a line: use as many fills as it takes to come nearest, or go back' },
  { keys: 'C', does: 'open Chance' },
  { keys: 'P', does: 'open the card to print' },
  { keys: 'Ctrl S', does: 'save the recipe' },
  { keys: '?', does: 'show this list' },
] as const;

/** The keys of the Balance. */
@Component({
  selector: 'yg-shortcut-sheet',
  template: `
    <dialog #sheet closedby="any" aria-labelledby="keys-heading">
      <h2 id="keys-heading">Keyboard shortcuts on the Balance</h2>
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
