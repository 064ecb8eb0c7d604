import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { lookMessage, reasonMessage } from '@ypsigram/contract/practice';
import {
  looksLike,
  scoreFill,
  targetGrams,
  type FillReason,
  type FillTask,
} from '@ypsigram/core/practice';
import { grams, signedPercent } from '../../../kit/figures/figures';

/** What a fill came to, held against its target: how far off, which way, and what that looks like. */
@Component({
  selector: 'yg-fill-result',
  template: `
    <p class="weight">
      <b class="figure">{{ shown() }} <small>g</small></b>
      <span class="soft">of {{ target() }} g</span>
    </p>
    <p class="verdict" [class.good]="isGood()">{{ verdict() }}</p>
    @if (said().length > 0) {
      <ul>
        @for (sentence of said(); track sentence) {
          <li>{{ sentence }}</li>
        }
      </ul>
    }
  `,
  styleUrl: './fill-result.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FillResult {
  readonly task = input.required<FillTask>();
  readonly weight = input.required<number>();
  /** Why, where it is known; a real fill is only looked at. */
  readonly reasons = input<readonly FillReason[] | null>(null);
  /** How far off is still good; by the ingredient's class where nobody sets it. */
  readonly tolerance = input<number | null>(null);

  /** A result is only shown of what has a target. */
  private readonly score = computed(() =>
    scoreFill(this.weight(), this.task(), this.tolerance() ?? undefined)!,
  );
  protected readonly isGood = computed(() => this.score().isGood);
  protected readonly shown = computed(() => grams(this.weight()));
  protected readonly target = computed(() => grams(targetGrams(this.task())!));
  protected readonly verdict = computed(() => {
    const { off, tolerance, isGood } = this.score();
    const size = signedPercent(off).replace(/^[+−±]/, '');
    const way = off > 0 ? 'heavy' : 'light';
    const limit = signedPercent(tolerance, 0).slice(1);
    if (isGood) return `Good: ${signedPercent(off)}, within ${limit}.`;
    return `${size} too ${way}. Within ${limit} is good.`;
  });
  protected readonly said = computed(() => {
    const reasons = this.reasons();
    if (reasons) {
      const told = reasons.filter(({ cause }) => cause !== 'chance');
      return (this.isGood() ? told.slice(0, 2) : told).map(reasonMessage);
    }
    const look = looksLike(this.weight(), this.task());
    return look && !this.isGood() ? [lookMessage(look)] : [];
  });
}
