import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { SCALE_UNIT_NAMES } from '@ypsigram/contract';
import type { ScaleQuestion } from '@ypsigram/core/practice';

/** A kitchen scale with a bowl on it, and what it shows. The words beside it say all of it. */
@Component({
  selector: 'yg-scale-drawing',
  template: `
    <svg viewBox="0 0 320 190" role="img" [attr.aria-label]="'The scale shows ' + said()">
      <path class="bowl" d="M70 46H250Q244 104 190 106H130Q76 104 70 46Z" />
      <path class="inside" d="M86 62H234Q226 98 188 98H132Q94 98 86 62Z" />
      <path class="plate" d="M60 106H260V114H60Z" />
      <path class="body" d="M54 114H266L280 180H40Z" />
      <rect class="display" x="98" y="128" width="124" height="40" rx="6" />
      <text class="figure" x="188" y="157">{{ question().shown }}</text>
      <text class="unit" x="194" y="157">{{ unit() }}</text>
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: 100%;
      max-width: 22rem;
    }
    .bowl,
    .body {
      fill: var(--yg-enamel);
      stroke: var(--yg-cobalt);
      stroke-width: 4;
    }
    .inside {
      fill: var(--yg-flour);
    }
    .plate {
      fill: var(--yg-cobalt);
    }
    .display {
      fill: var(--yg-ink);
    }
    .figure {
      fill: var(--yg-enamel);
      font-size: 23px;
      font-weight: 700;
      text-anchor: end;
      font-variant-numeric: tabular-nums;
    }
    .unit {
      fill: var(--yg-enamel);
      font-size: 13px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScaleDrawing {
  readonly question = input.required<ScaleQuestion>();

  /** Pounds stand in the figure already. */
  protected unit(): string {
    const { unit } = this.question();
    return unit === 'lb-oz' ? 'oz' : SCALE_UNIT_NAMES[unit];
  }

  protected said(): string {
    return `${this.question().shown} ${this.unit()}`;
  }
}
