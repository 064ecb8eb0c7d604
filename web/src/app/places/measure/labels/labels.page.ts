import {
  CSP_NONCE,
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  LABEL_PAPERS,
  LABELS_PER_SHEET,
  labelAmounts,
  labelPages,
  labelSheet,
  type LabelPaper,
  type LabelsPerSheet,
} from '@ypsigram/core/bench';
import { allergenText, measureText } from '@ypsigram/contract';
import { batchSize } from '@ypsigram/contract/bench';
import { grams as inGrams } from '../../../kit/figures/figures';
import { showDay } from '../../../kit/figures/dates';
import { bakeActions, bakeFeature } from '../../../state/bake/bake.feature';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectBakeNow } from '../../../state/bake/bake.selectors';

const PAPER_NAMES: Readonly<Record<LabelPaper, string>> = {
  a4: 'A4',
  letter: 'US letter',
  roll: 'label roll',
};

/** Labels for the containers of a bake, to print: ingredient, amount, batch, date, allergens. */
@Component({
  selector: 'yg-labels-page',
  imports: [RouterLink],
  templateUrl: './labels.page.html',
  styleUrl: './labels.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LabelsPage {
  readonly bake = input.required<string>();
  readonly id = input.required<string>();

  private readonly store = inject(Store);
  private readonly nonce = inject(CSP_NONCE);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly state = this.store.selectSignal(selectBakeNow);
  private readonly whole = this.store.selectSignal(bakeFeature.selectBake);

  protected readonly papers = LABEL_PAPERS.map((id) => ({ id, name: PAPER_NAMES[id] }));
  protected readonly counts = LABELS_PER_SHEET;
  protected readonly paper = signal<LabelPaper>('a4');
  protected readonly perSheet = signal<LabelsPerSheet>(12);
  protected readonly first = signal(1);
  protected readonly sheet = computed(() => labelSheet(this.paper(), this.perSheet()));
  private readonly labels = computed(() => {
    const [state, bake] = [this.state(), this.whole()];
    if (!state || !bake) return [];
    const date = showDay(bake.begunAt, this.formats().dateOrder);
    const names = new Map(this.hands().map(({ id, name }) => [id, name]));
    const batch = `${state.plan.title} ${batchSize(state)}`;
    return state.lines.map((one) => {
      const { line, route, handId } = one;
      const { grams, measure } = labelAmounts(one);
      const inWeight = grams === null ? null : `${inGrams(grams)} g`;
      const inFills = measure && measureText(measure);
      return {
        id: line.id,
        name: line.name,
        amount: (route === 'fill' ? (inFills ?? inWeight) : inWeight) ?? line.written,
        also: route === 'fill' && inFills ? inWeight : inFills,
        batch,
        by: (handId && names.get(handId)) ?? null,
        date,
        allergens: allergenText(line.allergens),
      };
    });
  });
  protected readonly pages = computed(() =>
    labelPages(this.labels(), this.sheet(), this.paper() === 'roll' ? 0 : this.first() - 1),
  );
  protected readonly pageRule = computed(
    () =>
      `@page { size: ${this.sheet().pageWidth}mm ${this.sheet().pageHeight}mm; margin: 0; }
      @media print { .path { display: none !important; } }`,
  );
  protected readonly back = computed(() => `/recipes/${this.id()}/measure/${this.bake()}`);

  constructor() {
    effect(() => {
      const id = this.bake();
      untracked(() => this.store.dispatch(bakeActions.bakeOpened({ id })));
    });
    // The paper is chosen here, and a printer asks the page for it.
    effect((onCleanup) => {
      const style = document.createElement('style');
      if (this.nonce) style.nonce = this.nonce;
      style.textContent = this.pageRule();
      document.head.append(style);
      onCleanup(() => style.remove());
    });
  }

  protected setPerSheet(text: string): void {
    const found = LABELS_PER_SHEET.find((count) => String(count) === text);
    if (found) this.perSheet.set(found);
  }

  protected setFirst(text: string): void {
    const place = Number(text);
    const most = this.sheet().columns * this.sheet().rows;
    if (Number.isInteger(place) && place >= 1 && place <= most) this.first.set(place);
  }

  protected print(): void {
    window.print();
  }
}
