import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { REST_WORDS } from '@ypsigram/contract/bench';
import { short } from '@ypsigram/contract';
import { portionsOf, takenOutGrams, type Division } from '@ypsigram/core/bench';
import { decimal, grams as inGrams } from '../../../kit/figures/figures';
import { problemOfTyped, rule } from '../../../kit/forms/rules';
import { LiveScale } from '../../../scale/live-scale';
import { TakeReading } from '../../../scale/take-reading';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { BenchSession } from '../work/bench-session';

const DOUGH = rule((typed) => decimal(typed) !== null, 'Write what the dough weighs, in grams.');
const COUNT = rule(
  (typed) => /^[1-9]\d{0,3}$/.test(typed),
  'Write how many pieces: for example 18.',
);
const EACH = rule((typed) => (decimal(typed) ?? 0) > 0, 'Write what a piece weighs, in grams.');

/** The dough in equal pieces, put on the scale one by one or taken out of its tared bowl. */
@Component({
  selector: 'yg-portions-panel',
  imports: [TakeReading],
  templateUrl: './portions-panel.html',
  styleUrl: './portions-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PortionsPanel {
  /** What the dough weighs, as far as is known. */
  readonly doughGrams = input.required<number>();

  private readonly session = inject(BenchSession);
  private readonly scale = inject(LiveScale);
  protected readonly containers = inject(Store).selectSignal(kitchenFeature.selectContainers);
  protected readonly problem = signal('');
  /** The known bowl that the dough is weighed in. */
  protected readonly bowlGrams = signal(0);
  protected readonly isOut = signal(false);
  protected readonly by = linkedSignal<'pieces' | 'grams'>(() =>
    this.session.state()?.division?.gramsEach ? 'grams' : 'pieces',
  );

  private readonly division = computed((): Division => {
    const state = this.session.state();
    const { pieces = null, gramsEach = null } = state?.division ?? {};
    if (gramsEach !== null) return { by: 'grams', gramsEach };
    return { by: 'pieces', pieces: pieces ?? Math.max(1, Math.round(state?.plan.pieces ?? 1)) };
  });
  protected readonly portions = computed(() =>
    portionsOf(this.doughGrams(), this.division(), this.scale.gridGrams()),
  );
  protected readonly shownPieces = computed(() => {
    const division = this.division();
    return division.by === 'pieces' ? String(division.pieces) : short(division.gramsEach, 1);
  });
  protected readonly done = computed(() => this.session.state()?.pieces ?? []);
  protected readonly each = computed(() => short(this.portions()?.shownGrams ?? 0, 2));
  protected readonly rest = computed(() => {
    const portions = this.portions();
    if (!portions) return '';
    if (portions.rest === 'none') return REST_WORDS.none;
    const much = `${inGrams(Math.abs(portions.restGrams))} g`;
    const what = portions.rest === 'last-short' ? `${much} short.` : `${much} left.`;
    return `${what} ${REST_WORDS[portions.rest]}`;
  });
  protected readonly isMeasured = computed(() => this.session.state()?.doughGrams !== null);
  protected readonly ticks = computed(() => {
    const portions = this.portions();
    return portions
      ? Array.from({ length: portions.pieces }, (_, at) => at < this.done().length)
      : [];
  });
  /** What the scale is to show for the next piece. */
  protected readonly next = computed(() => {
    const portions = this.portions();
    if (!portions || this.done().length >= portions.pieces) return null;
    if (!this.isOut()) return this.each();
    return short(takenOutGrams(portions, this.done().length + 1, this.scale.gridGrams()), 2);
  });

  protected weigh(text: string): void {
    this.problem.set(problemOfTyped(DOUGH, text) ?? '');
    const grams = decimal(text);
    if (grams !== null) this.take(grams);
  }

  protected take(grams: number): void {
    this.session.do({ do: 'dough', grams: Math.max(0, grams - this.bowlGrams()) });
  }

  protected divide(text: string): void {
    const isByPieces = this.by() === 'pieces';
    this.problem.set(problemOfTyped(isByPieces ? COUNT : EACH, text.trim()) ?? '');
    if (this.problem()) return;
    const figure = decimal(text)!;
    this.session.do(
      isByPieces
        ? { do: 'divide', pieces: figure, gramsEach: null }
        : { do: 'divide', pieces: null, gramsEach: figure },
    );
  }

  /** One piece more, as the scale shows it, or as heavy as all. */
  protected tick(): void {
    const portions = this.portions();
    if (!portions) return;
    const before = this.done().reduce((sum, { grams }) => sum + grams, 0);
    const settled = this.scale.settledGrams();
    const shown = this.scale.reading()?.grams ?? null;
    const isLive = this.scale.status() === 'live';
    const out = isLive && shown !== null ? -shown - before : portions.shownGrams;
    const grams = this.isOut() ? Math.max(0, out) : (settled ?? portions.shownGrams);
    const scale = isLive ? (this.scale.description()?.name ?? 'scale') : null;
    this.session.do({ do: 'piece', grams, scale });
  }

  protected untick(): void {
    const last = this.done().at(-1);
    if (last) this.session.do({ do: 'undo', reading: last.reading });
  }
}
