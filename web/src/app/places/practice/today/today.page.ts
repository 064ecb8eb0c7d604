import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { addDays, endOfDay } from 'date-fns';
import { skillName } from '@ypsigram/contract/practice';
import { dueUntil, sitting } from '@ypsigram/core/practice';
import { showDay } from '../../../kit/figures/dates';
import { heightOfRows, rowsChart } from '../../../kit/chart/rows-chart';
import { Picture } from '../../../kit/picture/picture';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { practiceFeature } from '../../../state/practice/practice.feature';
import { selectStandings } from '../../../state/practice/practice.selectors';
import { selectSetsByHand } from '../../../state/trials/trials.selectors';
import { PracticeHead } from '../practice-head';
import { skillLink } from '../skill-link';
import { Doors } from './doors';
import { measured, progressRows, progressTable } from './progress';

/** Practice: what is due today, the ways to practise, and how far everybody has come. */
@Component({
  selector: 'yg-today-page',
  imports: [Doors, Picture, PracticeHead, RouterLink],
  templateUrl: './today.page.html',
  styleUrl: './today.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TodayPage {
  private readonly store = inject(Store);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly standings = this.store.selectSignal(selectStandings);
  private readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  private readonly setsByHand = this.store.selectSignal(selectSetsByHand);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  private readonly now = new Date();

  protected readonly isLoaded = this.store.selectSignal(practiceFeature.selectIsLoaded);
  private readonly due = computed(() => dueUntil(this.standings(), endOfDay(this.now)));
  protected readonly headline = computed(() => {
    const { length } = this.due();
    if (length === 0) return 'Nothing is due today';
    return length === 1 ? '1 thing is due today' : `${length} things are due today`;
  });
  protected readonly isNew = computed(() =>
    this.standings().every(({ tries }) => tries.length === 0),
  );
  /** What the next five minutes hold. */
  protected readonly next = computed(() => {
    const due = new Set(this.due().map(({ skill }) => skill));
    return sitting(this.standings(), endOfDay(this.now)).map((skill) => ({
      name: skillName(skill),
      why: due.has(skill) ? 'due' : this.isTried(skill) ? 'ahead of time' : 'new',
      ...skillLink(skill, this.shelf()),
    }));
  });
  /** Everything that was tried: whose it is, and when it comes back. */
  protected readonly known = computed(() =>
    this.standings()
      .filter(({ tries }) => tries.length > 0)
      .map(({ skill, streak, isYours, due }) => ({
        name: skillName(skill),
        pips: [0, 1, 2].map((at) => at < streak),
        state: isYours ? 'yours' : streak === 0 ? 'not yet' : `${streak} in a row`,
        back: this.dayOf(due!),
        ...skillLink(skill, this.shelf()),
      })),
  );
  private readonly sets = computed(() => this.setsByHand().get(this.handId() ?? '') ?? []);
  private readonly drawn = computed(() => measured(this.standings()));
  protected readonly picture = computed(() => {
    if (this.drawn().length === 0) return null;
    const marks = [{ at: 0, label: 'target' }];
    return {
      options: rowsChart(progressRows(this.standings()), marks, 'off, in percent', true),
      height: heightOfRows(this.drawn().length),
      table: progressTable(this.standings(), this.sets(), this.shelf()),
    };
  });
  /** The scatter of practice beside that of the hand's trials, where both are known. */
  protected readonly spreads = computed(() =>
    (this.picture()?.table.rows ?? [])
      .filter(([, , , practised, real]) => practised && real)
      .map(([name, , , practised, real]) => ({ name, practised, real })),
  );

  private isTried(skill: unknown): boolean {
    return this.standings().some((one) => one.skill === skill && one.tries.length > 0);
  }

  private dayOf(due: string): string {
    const when = new Date(due);
    if (when <= endOfDay(this.now)) return 'today';
    if (when <= endOfDay(addDays(this.now, 1))) return 'tomorrow';
    return showDay(due, this.formats().dateOrder);
  }
}
