import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

/** A hundred rounds on a tray: whole ones came out, broken ones did not. */
@Component({
  selector: 'yg-bake-tray',
  template: `
    <svg viewBox="0 0 400 106" role="img" [attr.aria-label]="label()">
      @for (round of rounds(); track $index) {
        <g [attr.transform]="'translate(' + round.x + ' ' + round.y + ')'">
          @if (round.isGood) {
            <circle r="7.5" class="good" />
            <circle r="1.1" cx="-2.6" cy="-1.6" class="seed" />
            <circle r="1.1" cx="2.4" cy="-2.2" class="seed" />
            <circle r="1.1" cx="0.4" cy="2.8" class="seed" />
          } @else {
            <path
              d="M -1.6 -7.3 A 7.5 7.5 0 1 0 1.4 7.3 L -1 3.4 L 1.4 0 L -2 -3.4 Z"
              class="off"
            />
          }
        </g>
      }
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      width: 100%;
    }
    .good {
      fill: var(--yg-cobalt);
    }
    .seed {
      fill: var(--yg-enamel);
    }
    .off {
      fill: none;
      stroke: var(--yg-brick);
      stroke-width: 1.4;
      stroke-linejoin: round;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BakeTray {
  /** The share that came out, 0 to 1. */
  readonly share = input.required<number>();

  protected readonly good = computed(() => Math.round(100 * this.share()));
  protected readonly label = computed(
    () => `Of a hundred bakes ${this.good()} come out, ${100 - this.good()} do not.`,
  );
  protected readonly rounds = computed(() =>
    Array.from({ length: 100 }, (_, at) => ({
      x: 10 + 20 * (at % 20),
      y: 11 + 21 * Math.floor(at / 20),
      isGood: at < this.good(),
    })),
  );
}
