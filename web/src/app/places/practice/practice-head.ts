import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Icon } from '../../kit/icon/icon';
import { Retry } from '../../kit/retry/retry';
import { kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { practiceActions, practiceFeature } from '../../state/practice/practice.feature';

/** The head of every page of Practice: its name, who practises, and the last try back. */
@Component({
  selector: 'yg-practice-head',
  imports: [Icon, Retry, RouterLink],
  template: `
    <header>
      <div class="title">
        <h1>{{ title() }}</h1>
        <p><ng-content /></p>
      </div>
      @if (isOwn() && hands().length > 0) {
        <label>
          <span>Who practises</span>
          <select class="choice" #who (change)="choose(who.value)">
            <option value="" [selected]="handId() === null">nobody in particular</option>
            @for (hand of hands(); track hand.id) {
              <option [value]="hand.id" [selected]="hand.id === handId()">{{ hand.name }}</option>
            }
          </select>
        </label>
      }
      @if (isOwn() && canUndo()) {
        <button type="button" class="btn btn-quiet" (click)="undo()">
          <yg-icon name="undo" /> Undo last try
        </button>
      }
      @if (!isHome()) {
        <a class="btn btn-quiet" routerLink="/practice"><yg-icon name="arrow-left" /> Practice</a>
      }
    </header>
    @if (state().problem; as problem) {
      <yg-retry [problem]="problem" (again)="again()" />
    }
  `,
  styleUrl: './practice-head.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PracticeHead {
  readonly title = input.required<string>();
  readonly isHome = input(false);
  /** Whether it is about whoever practises, and not about a class. */
  readonly isOwn = input(true);

  private readonly store = inject(Store);
  protected readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  protected readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  protected readonly state = this.store.selectSignal(practiceFeature.selectPracticeState);
  protected readonly canUndo = computed(() => this.state().last !== null);

  protected choose(id: string): void {
    this.store.dispatch(kitchenChanges.handChosen({ id: id === '' ? null : id }));
  }

  protected undo(): void {
    const { last } = this.state();
    if (last !== null) this.store.dispatch(practiceActions.tryTakenBack({ id: last }));
  }

  protected again(): void {
    if (!this.state().isLoaded) this.store.dispatch(practiceActions.triesAskedFor());
    this.store.dispatch(practiceActions.sendingWanted());
  }
}
