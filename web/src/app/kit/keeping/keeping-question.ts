import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { CAUTION_MESSAGES } from '@ypsigram/contract';
import type { Keeping } from '@ypsigram/core/reading';

/** Whether a recipe is made to keep: asked where only its make-up says so, told where it is. */
@Component({
  selector: 'yg-keeping-question',
  template: `
    @if (keeping() === 'asked') {
      <p>
        <b>Is this for keeping outside the fridge?</b> What is made to keep is shown as written and
        not scaled.
      </p>
      <div>
        <button type="button" class="btn btn-outline-primary" (click)="told.emit(true)">
          Yes, for keeping
        </button>
        <button type="button" class="btn btn-outline-primary" (click)="told.emit(false)">
          No, it is eaten soon
        </button>
      </div>
    } @else if (keeping() === 'preserve') {
      <p>{{ preserve }}</p>
    }
    @if (isTold()) {
      <button type="button" class="btn btn-quiet" (click)="told.emit(undefined)">
        {{ isKept() ? 'It is not for keeping after all' : 'It is for keeping after all' }}
      </button>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 0.4rem 1rem;
    }
    p {
      margin: 0;
    }
    div {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeepingQuestion {
  readonly keeping = input.required<Keeping>();
  /** What its baker said, if anything. */
  readonly forKeeping = input<boolean | undefined>();
  /** `undefined` takes the answer back. */
  readonly told = output<boolean | undefined>();

  protected readonly preserve = CAUTION_MESSAGES.preserving;
  protected readonly isTold = computed(() => this.forKeeping() !== undefined);
  protected readonly isKept = computed(() => this.keeping() === 'preserve');
}
