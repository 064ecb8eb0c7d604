import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { BAKE_KIND_NAMES, STRICTNESS_NAMES } from '@ypsigram/contract';
import { BAKE_KINDS, type BakeKind } from '@ypsigram/core/baking';
import { COLUMNS, type Columns } from '@ypsigram/core/batch';
import { STRICTNESSES, type Strictness } from '@ypsigram/core/fills';
import { Icon } from '../../kit/icon/icon';

const COLUMN_NAMES: Readonly<Record<Columns, string>> = {
  both: 'Both',
  measure: 'Measure',
  weigh: 'Weigh',
};

/** What goes for the whole Balance: the columns to go by, how strict, a step back and forth. */
@Component({
  selector: 'yg-balance-tools',
  imports: [Icon, RouterLink],
  templateUrl: './balance-tools.html',
  styleUrl: './balance-tools.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BalanceTools {
  readonly columns = input.required<Columns>();
  readonly strictness = input.required<Strictness>();
  /** Null where the guess goes. */
  readonly kind = input.required<BakeKind | null>();
  readonly guessedKind = input.required<BakeKind>();
  readonly canUndo = input.required<boolean>();
  readonly canRedo = input.required<boolean>();
  /** Where its card for printing is; null while the recipe is not saved. */
  readonly card = input.required<string | null>();

  readonly columnsChosen = output<Columns>();
  readonly strictnessChosen = output<Strictness>();
  readonly kindChosen = output<BakeKind | null>();
  readonly undone = output();
  readonly redone = output();
  readonly helpWanted = output();

  protected readonly allColumns = COLUMNS.map((id) => ({ id, name: COLUMN_NAMES[id] }));
  protected readonly allStrictness = STRICTNESSES.map((id) => ({ id, name: STRICTNESS_NAMES[id] }));

  protected readonly allKinds = BAKE_KINDS.map((id) => ({ id, name: BAKE_KIND_NAMES[id] }));
  protected readonly guess = computed(() => BAKE_KIND_NAMES[this.guessedKind()]);

  protected chooseKind(id: string): void {
    this.kindChosen.emit((id as BakeKind) || null);
  }

  protected chooseStrictness(id: string): void {
    this.strictnessChosen.emit(id as Strictness);
  }
}
