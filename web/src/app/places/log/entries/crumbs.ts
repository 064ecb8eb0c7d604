import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RATING_NAMES } from '@ypsigram/contract/log';

/** How it turned out as a row of crumbs, one to five, with its word for who does not see them. */
@Component({
  selector: 'yg-crumbs',
  template: `
    <span class="visually-hidden">{{ word() }}</span>
    @for (isFull of crumbs(); track $index) {
      <i [class.full]="isFull" aria-hidden="true"></i>
    }
  `,
  styles: `
    :host {
      display: inline-flex;
      gap: 0.2rem;
      align-items: center;
      white-space: nowrap;
    }
    i {
      width: 0.8em;
      height: 0.7em;
      border: 2px solid var(--yg-mustard-ink);
      border-radius: 45% 55% 60% 40%;
    }
    i:nth-of-type(even) {
      transform: rotate(25deg);
    }
    i.full {
      background: var(--yg-mustard);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Crumbs {
  readonly rating = input.required<number | null>();

  protected readonly crumbs = computed(() =>
    RATING_NAMES.map((_, at) => at < (this.rating() ?? 0)),
  );
  protected readonly word = computed(() => {
    const rating = this.rating();
    return rating === null ? 'not rated' : `${rating} of 5: ${RATING_NAMES[rating - 1]}`;
  });
}
