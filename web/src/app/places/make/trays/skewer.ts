import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { TesterFind } from '@ypsigram/core/baking/steps';

/** A skewer as it comes out: dripping, with crumbs, or clean. The word stands beside it. */
@Component({
  selector: 'yg-skewer',
  template: `
    <svg viewBox="0 0 60 60" aria-hidden="true">
      <line x1="30" y1="4" x2="30" y2="56" class="wood" />
      @switch (find()) {
        @case ('wet') {
          <path d="M25 26 q-3 14 1 24 q4 8 8 0 q4 -10 1 -24 z" class="batter" />
          <path d="M30 56 q-4 -6 0 -9 q4 3 0 9" class="batter" />
        }
        @case ('crumbs') {
          <circle cx="26" cy="32" r="4" class="crumb" />
          <circle cx="34" cy="40" r="5" class="crumb" />
          <circle cx="27" cy="48" r="3.5" class="crumb" />
        }
      }
    </svg>
  `,
  styles: `
    svg {
      width: 3.2rem;
      height: 3.2rem;
    }
    .wood {
      stroke: var(--yg-ink);
      stroke-width: 3;
      stroke-linecap: round;
    }
    .batter {
      fill: var(--yg-mustard);
      stroke: var(--yg-ink);
      stroke-width: 1;
    }
    .crumb {
      fill: var(--yg-mustard);
      stroke: var(--yg-ink);
      stroke-width: 1;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Skewer {
  readonly find = input.required<TesterFind>();
}
