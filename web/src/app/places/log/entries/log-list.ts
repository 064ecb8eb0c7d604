import { makesText, type BakeSummary } from '@ypsigram/contract';
import { timesText } from '../../../kit/figures/times';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { SYMPTOM_NAMES } from '@ypsigram/contract/log';
import { photoAddress } from '../../../api/log-api';
import { showDay } from '../../../kit/figures/dates';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { Crumbs } from './crumbs';

const STAGE_WORDS = { bench: 'being measured', oven: 'in the oven', log: '' } as const;

/** Bakes, a ruled line each: when, what, by whom, how it went. Two can be put side by side. */
@Component({
  selector: 'yg-log-list',
  imports: [Crumbs, RouterLink],
  templateUrl: './log-list.html',
  styleUrl: './log-list.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogList {
  protected readonly times = timesText;
  readonly bakes = input.required<readonly BakeSummary[]>();
  /** The title says nothing where all are of one recipe. */
  readonly isOfOne = input(false);
  readonly chosen = input<readonly string[]>([]);
  readonly choose = output<string>();

  private readonly store = inject(Store);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);

  protected readonly makesText = makesText;
  protected readonly rows = computed(() =>
    this.bakes().map((bake) => ({
      bake,
      link: `/recipes/${bake.recipeId}/${bake.stage}/${bake.id}`,
      day: showDay(bake.begunAt, this.formats().dateOrder),
      hand: this.hands().find(({ id }) => id === bake.handId)?.name ?? '',
      photo: bake.photo && photoAddress(bake.photo, 'small'),
      stage: STAGE_WORDS[bake.stage],
      symptoms: bake.symptoms.map((one) => SYMPTOM_NAMES[one]).join(', '),
      isChosen: this.chosen().includes(bake.id),
    })),
  );
}
