import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { Store } from '@ngrx/store';
import { fixed, weightText } from '@ypsigram/contract';
import { moreOrLess, spoonWords } from '@ypsigram/contract/bench';
import { overshootOf } from '@ypsigram/core/bench';
import { grams as inGrams } from '../../../kit/figures/figures';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { BenchSession } from '../work/bench-session';
import { ScaleRest } from './scale-rest';

/** Too much went in: what that means, and the ways out with their figures, before one is chosen. */
@Component({
  selector: 'yg-too-much',
  templateUrl: './too-much.html',
  styleUrl: './too-much.scss',
  providers: [ScaleRest],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TooMuch {
  /** What is in, in grams. */
  readonly grams = input.required<number>();
  /** Takes what the scale shows as it is; not needed where it was taken before. */
  readonly taken = output<void>();
  readonly decided = output<void>();

  private readonly session = inject(BenchSession);
  private readonly scaleRest = inject(ScaleRest);
  private readonly scales = inject(Store).selectSignal(kitchenFeature.selectScales);

  protected readonly overshoot = computed(() => {
    const [state, id] = [this.session.state(), this.session.currentId()];
    return state && id ? overshootOf(state, id, this.grams(), this.scales()) : null;
  });
  protected readonly over = computed(() => {
    const overshoot = this.overshoot();
    if (!overshoot) return '';
    const spoons = overshoot.overSpoons ? ` (${spoonWords(overshoot.overSpoons)})` : '';
    return `${inGrams(overshoot.overGrams)} g${spoons}`;
  });
  protected readonly share = computed(() => moreOrLess(this.overshoot()?.over ?? 0));
  protected readonly times = computed(() => fixed(this.overshoot()?.times ?? 1, 3));
  protected readonly rest = computed(() =>
    (this.overshoot()?.rest ?? []).map(({ line, how, weight, moreGrams, short, isForgiven }) => ({
      name: line.name,
      how,
      shown: weightText(weight),
      more: `${inGrams(moreGrams)} g`,
      short: moreOrLess(-short),
      isForgiven,
    })),
  );
  protected readonly toCome = computed(() => this.rest().filter(({ how }) => how === 'to-come'));
  protected readonly topUp = computed(() => this.rest().filter(({ how }) => how === 'top-up'));
  protected readonly stays = computed(() =>
    this.rest().filter(({ how, isForgiven }) => how === 'stays' && !isForgiven),
  );
  protected readonly staysForgiven = computed(
    () => this.rest().filter(({ how, isForgiven }) => how === 'stays' && isForgiven).length,
  );

  protected leave(): void {
    const id = this.session.currentId();
    this.taken.emit();
    if (id) this.session.do({ do: 'leave', line: id });
    this.decided.emit();
  }

  protected scale(): void {
    const [state, id, overshoot] = [
      this.session.state(),
      this.session.currentId(),
      this.overshoot(),
    ];
    this.taken.emit();
    if (state && id && overshoot) this.scaleRest.apply(id, overshoot, state);
    this.decided.emit();
  }
}
