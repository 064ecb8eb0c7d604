import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  DATE_ORDERS,
  DECIMAL_MARKS,
  FIRST_DAYS,
  TEMPERATURES,
  type DateOrder,
  type DecimalMark,
  type FirstDay,
  type Temperature,
} from '@ypsigram/contract';
import type { WeighedIn } from '@ypsigram/core/fills';
import type { IngredientClass, Method } from '@ypsigram/core/catalogue';
import { showDay } from '../../kit/figures/dates';
import { DEGREES } from '../../kit/figures/heat';
import { Icon } from '../../kit/icon/icon';
import { Retry } from '../../kit/retry/retry';
import { usualFormats } from '../../state/kitchen/formats';
import { kitchenActions, kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { DevicesPanel } from './devices/devices';
import { AboutProgram } from './about-program';
import { AnswersKept } from './answers-kept';
import { LookChoice } from './look-choice';
import { UsualWay } from './usual-way';
import { KitchenSaved } from '../../kit/kitchen-saved/kitchen-saved';

/** A day that shows the order: no month could be taken for it. */
const A_DAY = new Date(2026, 10, 25);
const MARK_NAMES: Readonly<Record<DecimalMark, string>> = { '.': 'point: 2.5', ',': 'comma: 2,5' };

const DAY_NAMES: Readonly<Record<FirstDay, string>> = {
  monday: 'Monday',
  sunday: 'Sunday',
  saturday: 'Saturday',
};

/** Settings: how this kitchen writes, measures and answers, in all its recipes. */
@Component({
  selector: 'yg-settings-page',
  imports: [
    AboutProgram,
    KitchenSaved,
    AnswersKept,
    DevicesPanel,
    Icon,
    LookChoice,
    Retry,
    UsualWay,
  ],
  templateUrl: './settings.page.html',
  styleUrl: './settings.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SettingsPage {
  private readonly store = inject(Store);
  private readonly usual = usualFormats(navigator.language);

  protected readonly state = this.store.selectSignal(kitchenFeature.selectKitchenState);
  protected readonly kitchen = computed(() => this.state().current);
  protected readonly canUndo = computed(() => this.state().history.past.length > 0);

  protected readonly usualCurrency = this.usual.currency;
  protected readonly marks = DECIMAL_MARKS.map((id) => ({ id, name: MARK_NAMES[id] }));
  protected readonly orders = DATE_ORDERS.map((id) => ({ id, name: showDay(A_DAY, id) }));
  protected readonly days = FIRST_DAYS.map((id) => ({ id, name: DAY_NAMES[id] }));
  protected readonly temperatures = TEMPERATURES.map((id) => ({ id, name: DEGREES[id] }));
  /** What each is while nothing is chosen. */
  protected readonly unchosen = {
    mark: MARK_NAMES[this.usual.decimalMark],
    order: showDay(A_DAY, this.usual.dateOrder),
    day: DAY_NAMES[this.usual.firstDay],
    temperature: DEGREES[this.usual.temperature],
  };

  protected chooseCurrency(sign: string): void {
    const currency = sign.trim() || null;
    if (currency !== this.kitchen().currency) this.choose({ currency });
  }

  protected chooseMark(mark: string): void {
    this.choose({ decimalMark: (mark as DecimalMark) || null });
  }

  protected chooseOrder(order: string): void {
    this.choose({ dateOrder: (order as DateOrder) || null });
  }

  protected chooseFirstDay(day: string): void {
    this.choose({ firstDay: (day as FirstDay) || null });
  }

  protected chooseTemperature(unit: string): void {
    this.choose({ temperature: (unit as Temperature) || null });
  }

  protected chooseKeys(letterKeys: boolean): void {
    this.choose({ letterKeys });
  }

  protected chooseWebPages(getsWebPages: boolean): void {
    this.choose({ getsWebPages });
  }

  protected chooseHabit(habit: { of: IngredientClass; method: Method | null }): void {
    this.store.dispatch(kitchenChanges.habitChosen(habit));
  }

  protected chooseWeighing(weighedIn: WeighedIn): void {
    this.store.dispatch(kitchenChanges.weighingChosen({ weighedIn }));
  }

  protected undo(): void {
    this.store.dispatch(kitchenChanges.changeUndone());
  }

  protected again(): void {
    this.store.dispatch(kitchenActions.kitchenAskedFor());
  }

  private choose(change: Parameters<typeof kitchenChanges.settingsChosen>[0]['change']): void {
    this.store.dispatch(kitchenChanges.settingsChosen({ change }));
  }
}
