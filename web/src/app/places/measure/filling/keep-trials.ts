import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import type { TrialDraft } from '@ypsigram/contract';
import type { LineState } from '@ypsigram/core/bench';
import { grams as inGrams } from '../../../kit/figures/figures';
import { heldMillilitresOf } from '@ypsigram/core/calibration';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { trialsActions, trialsFeature } from '../../../state/trials/trials.feature';

/** Fills that were made over a scale say what this hand fills: offered as its trials. */
@Component({
  selector: 'yg-keep-trials',
  template: `
    @if (drafts().length > 0 && !isKept()) {
      <p>
        {{ gave() }}
        <button type="button" class="btn btn-outline-primary" (click)="keep()">
          Add {{ drafts().length }} {{ drafts().length === 1 ? 'trial' : 'trials' }} to
          {{ owner() }}’s hand
        </button>
      </p>
    } @else if (isKept()) {
      <p role="status">Added to {{ owner() }}’s hand.</p>
    }
  `,
  styles: `
    p {
      margin: 0.2rem 0;
    }
    .btn {
      margin-top: 0.2rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeepTrials {
  readonly line = input.required<LineState>();

  private readonly store = inject(Store);
  private readonly tools = this.store.selectSignal(kitchenFeature.selectTools);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly trials = this.store.selectSignal(trialsFeature.selectTrials);

  /** A fill is known by its hand and its moment: offered once, whoever comes back to it. */
  protected readonly isKept = computed(() => {
    const known = new Set(this.trials().map(({ handId, at }) => `${handId} ${at}`));
    const drafts = this.drafts();
    return drafts.length > 0 && drafts.every(({ handId, at }) => known.has(`${handId} ${at}`));
  });
  protected readonly drafts = computed((): readonly TrialDraft[] => {
    const { line, fills, measure } = this.line();
    if (line.ingredientId === null || !measure) return [];
    return fills.flatMap(({ tool: name, grams, handId, at }): TrialDraft[] => {
      const tool = this.tools().find((one) => one.name === name);
      if (grams === null || grams <= 0 || handId === null || !tool || tool.kind === 'jug')
        return [];
      return [
        {
          handId,
          ingredientId: line.ingredientId!,
          form: line.form,
          method: measure.method,
          tool: name,
          millilitres: heldMillilitresOf(tool, this.standard()),
          grams,
          at,
          source: 'scale',
        },
      ];
    });
  });
  protected readonly owner = computed(
    () => this.hands().find(({ id }) => id === this.drafts()[0]?.handId)?.name ?? 'this',
  );
  protected readonly gave = computed(() => {
    const all = this.drafts().map(({ grams }) => grams);
    const mean = all.reduce((sum, one) => sum + one, 0) / Math.max(1, all.length);
    return `${this.drafts()[0]?.tool ?? 'A fill'} gave ${inGrams(mean)} g on average.`;
  });

  protected keep(): void {
    for (const draft of this.drafts()) this.store.dispatch(trialsActions.trialMade({ draft }));
  }
}
