import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import {
  NgbDropdown,
  NgbDropdownItem,
  NgbDropdownMenu,
  NgbDropdownToggle,
} from '@ng-bootstrap/ng-bootstrap/dropdown';
import { BAKE_KIND_NAMES, STRICTNESS_NAMES, type KitchenHand } from '@ypsigram/contract';
import type { BakeKind } from '@ypsigram/core/baking';
import { COLUMNS, type Columns } from '@ypsigram/core/batch';
import type { Strictness } from '@ypsigram/core/fills';
import { HowExact } from '../../kit/how-exact/how-exact';
import { Icon } from '../../kit/icon/icon';
import { Opened } from '../../kit/opened/opened';
import { OpenedMenu } from '../../kit/opened/opened-menu';

const COLUMN_NAMES: Readonly<Record<Columns, string>> = {
  both: 'Both',
  measure: 'Measure',
  weigh: 'Weigh',
};

/** What goes for the whole Balance: the columns to go by, how strict, a step back and forth. */
@Component({
  selector: 'yg-balance-tools',
  imports: [
    OpenedMenu,
    Opened,
    HowExact,
    Icon,
    NgbDropdown,
    NgbDropdownItem,
    NgbDropdownMenu,
    NgbDropdownToggle,
    RouterLink,
  ],
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

  readonly hands = input.required<readonly KitchenHand[]>();
  /** Null for nobody in particular. */
  readonly handId = input.required<string | null>();

  readonly columnsChosen = output<Columns>();
  readonly strictnessChosen = output<Strictness>();
  readonly kindChosen = output<BakeKind | null>();
  readonly handChosen = output<string>();
  readonly undone = output();
  readonly redone = output();
  readonly helpWanted = output();

  /** What is set once for a recipe stands behind its summary. */
  protected readonly isWayOpen = signal(false);
  protected readonly way = computed(() => {
    const hand = this.hands().find(({ id }) => id === this.handId())?.name;
    const kind = BAKE_KIND_NAMES[this.kind() ?? this.guessedKind()];
    return [STRICTNESS_NAMES[this.strictness()], kind, ...(hand ? [hand] : [])].join(' · ');
  });

  protected readonly allColumns = COLUMNS.map((id) => ({ id, name: COLUMN_NAMES[id] }));
}
