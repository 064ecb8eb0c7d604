import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RATING_NAMES, SYMPTOM_NAMES } from '@ypsigram/contract/log';
import type { BakeResult } from '@ypsigram/core/bench';
import { SYMPTOMS_OF, type Symptom } from '@ypsigram/core/diagnosis';
import { ArrowRadios } from '../../../kit/keys/arrow-radios';
import { BakeSession } from '../../../state/bake/bake-session';

const NOTHING_SAID: BakeResult = { rating: null, symptoms: [], note: '', isWasted: false };

/** How it turned out: crumbs, symptoms, a note. Each tap is kept at once. */
@Component({
  selector: 'yg-result-form',
  imports: [ArrowRadios],
  templateUrl: './result-form.html',
  styleUrl: './result-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ResultForm {
  private readonly session = inject(BakeSession);

  protected readonly result = computed(() => this.session.state()?.after.result ?? NOTHING_SAID);
  protected readonly ratings = RATING_NAMES.map((name, at) => ({ rating: at + 1, name }));
  protected readonly said = computed(() => {
    const { rating } = this.result();
    return rating === null ? 'Tap the crumbs: one to five.' : RATING_NAMES[rating - 1];
  });
  protected readonly symptoms = computed(() => {
    const kind = this.session.state()?.plan.kind;
    const tapped = new Set(this.result().symptoms);
    return (kind ? SYMPTOMS_OF[kind] : []).map((id) => ({
      id,
      name: SYMPTOM_NAMES[id],
      isThere: tapped.has(id),
    }));
  });

  protected rate(rating: number): void {
    this.say({ rating: this.result().rating === rating ? null : rating });
  }

  protected tap(symptom: Symptom): void {
    const { symptoms } = this.result();
    this.say({
      symptoms: symptoms.includes(symptom)
        ? symptoms.filter((one) => one !== symptom)
        : [...symptoms, symptom],
    });
  }

  protected note(note: string): void {
    if (note !== this.result().note) this.say({ note });
  }

  protected waste(isWasted: boolean): void {
    this.say({ isWasted });
  }

  private say(change: Partial<BakeResult>): void {
    this.session.do({ do: 'result', ...this.result(), ...change });
  }
}
