import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { WhereWeighingPays } from '@ypsigram/core/chance';
import { namesOf, ofHundred } from './wording';

const WANTED = [0.8, 0.9, 0.95] as const;

/** Which few things to weigh, so that a bake comes out as often as is wanted. */
@Component({
  selector: 'yg-weigh-these',
  templateUrl: './weigh-these.html',
  styleUrl: './weigh-these.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeighThese {
  readonly pays = input.required<WhereWeighingPays | null>();
  /** The chance as it is, by all bakes so far. */
  readonly now = input.required<number>();
  /** Whether it is of the batch as it is now. */
  readonly isFresh = input.required<boolean>();
  readonly wanted = input.required<number>();
  readonly shelf = input.required<Shelf>();
  readonly canUndo = input.required<boolean>();
  readonly wantedChosen = output<number>();
  readonly applied = output<readonly number[]>();
  readonly undone = output();

  protected readonly options = WANTED;
  protected readonly ofHundred = ofHundred;
  /** What the trial gained, on top of the chance as it is: both have the same luck. */
  protected readonly then = computed(() => {
    const pays = this.pays();
    return pays ? Math.min(1, this.now() + pays.goodThen - pays.goodNow) : 0;
  });
  protected readonly names = computed(() => {
    const pays = this.pays();
    return pays && namesOf(pays.ingredients, this.shelf());
  });
}
