import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { Actions, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { startWith, switchMap } from 'rxjs';
import { browserKeeps } from '../../offline/browser-database';
import { keptDrafts } from '../../offline/kept-drafts';
import { LastSeen } from '../../offline/last-seen';
import { bakeActions } from '../../state/bake/bake.feature';
import { BakeMemory } from '../../state/bake/bake-memory';
import { changesActions, changesFeature } from '../../state/changes/changes.feature';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { practiceActions } from '../../state/practice/practice.feature';
import { recallTries } from '../../state/practice/unsent-tries';
import { errorRead, hasGoneWrong } from '../tell-errors';
import { loadAnew } from './load-anew';
import { TypedFields } from './typed-fields';
import { recipeActions } from '../../state/recipe/recipe.actions';
import { timersFeature } from '../../state/timers/timers.feature';

/** Null for none. */
const counted = (count: number, one: string, many: string): string | null =>
  count === 0 ? null : `${count} ${count === 1 ? one : many}`;

const clock = (at: number): string =>
  new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });

/** While the server is away: of when what is shown is, and what waits to be sent. */
@Component({
  selector: 'yg-connection-strip',
  imports: [RouterLink],
  template: `
    @if (isAway()) {
      <p role="status">
        <b>Offline.</b>
        @if (since(); as at) {
          Shown: as of {{ at }}.
        }
        {{ waits() }}
      </p>
    }
    @if (!keeps()) {
      <p role="status">
        <b>This browser can’t keep anything just now</b>: its storage is full, or switched off. All
        you do goes to the server at once{{
          isAway() ? ', and waits in this page until then: leave it open' : ''
        }}.
      </p>
    }
    @if (hasNewerPage()) {
      <p role="status">
        @if (isTyping()) {
          What you are typing is not saved yet. Save it first, then load the new page.
        } @else {
          Ypsigram was updated, and this page is still the one of before.
        }
        <button type="button" class="btn btn-quiet" (click)="loadNewer()">
          {{ isTyping() ? 'Load it anyway' : 'Load the new one' }}
        </button>
      </p>
    }
    @if (hasGoneWrong()) {
      <p role="alert">
        Something went wrong on this page. What was saved is safe; what you see may be of before.
        <button type="button" class="btn btn-quiet" (click)="loadAnew()">Load it anew</button>
        <button type="button" class="btn btn-quiet" (click)="read()">Go on</button>
      </p>
    }
    @for (one of stuckActs(); track one.bakeId) {
      <p role="status">
        {{ one.count }} acts at a bake that is not on the server any more wait on this device, in
        case it comes back.
        <button type="button" class="btn btn-quiet" (click)="letGo(one.bakeId)">Forget them</button>
      </p>
    }
    @for (id of stuck(); track id) {
      <p role="status">
        A recipe was changed on this device and on another one.
        <a [routerLink]="['/recipes', id, 'amounts']">Open it and choose</a>
      </p>
    }
  `,
  styleUrl: './connection-strip.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ConnectionStrip {
  private readonly store = inject(Store);
  private readonly changes = this.store.selectSignal(changesFeature.selectChangesState);
  private readonly seen = inject(LastSeen);
  protected readonly keeps = browserKeeps;
  private readonly memory = inject(BakeMemory);
  private readonly waiting = signal({ acts: 0, recipes: 0, tries: 0 });
  private readonly timers = this.store.selectSignal(timersFeature.selectUnsent);
  private readonly kitchen = this.store.selectSignal(kitchenFeature.selectKitchenState);

  protected readonly isAway = computed(() => this.changes().isReached === false);
  protected readonly stuckActs = computed(() => this.changes().stuckActs);
  protected readonly hasNewerPage = computed(() => this.changes().hasNewerPage);
  protected readonly hasGoneWrong = hasGoneWrong;
  protected readonly loadAnew = loadAnew;
  private readonly typed = inject(TypedFields);
  /** Somebody wants the new page in the middle of typing. */
  protected readonly isTyping = signal(false);
  protected readonly read = errorRead;
  protected readonly stuck = computed(() => this.changes().stuck);
  protected readonly since = computed(() => {
    const at = this.seen.since();
    return at === null ? null : clock(at);
  });
  protected readonly waits = computed(() => {
    const { acts, recipes, tries } = this.waiting();
    const { current, saved } = this.kitchen();
    const parts = [
      counted(acts, 'step', 'steps'),
      counted(recipes, 'changed recipe', 'changed recipes'),
      counted(this.timers().length, 'timer', 'timers'),
      counted(tries, 'try of practice', 'tries of practice'),
      current === saved ? null : 'what you changed of your kitchen',
    ].filter((part) => part !== null);
    if (parts.length === 0) return 'What you do is saved here and sent later.';
    return `Saved here and sent later: ${parts.join(', ')}.`;
  });

  constructor() {
    inject(Actions)
      .pipe(
        ofType(
          bakeActions.actRemembered,
          bakeActions.readingsKept,
          recipeActions.draftKept,
          recipeActions.recipeSaved,
          practiceActions.tryMade,
          practiceActions.tryKept,
          practiceActions.tryTakenBack,
          practiceActions.tryGone,
        ),
        startWith(null),
        switchMap(() => this.count()),
        takeUntilDestroyed(),
      )
      .subscribe((waiting) => this.waiting.set(waiting));
  }

  /** Never takes away what is being typed without having said so. */
  protected loadNewer(): void {
    if (this.typed.hasSome() && !this.isTyping()) this.isTyping.set(true);
    else void loadAnew();
  }

  protected letGo(bakeId: string): void {
    this.store.dispatch(changesActions.stuckActsLetGo({ bakeId }));
  }

  private async count(): Promise<{ acts: number; recipes: number; tries: number }> {
    const [bakes, drafts, { made, leaving }] = await Promise.all([
      this.memory.waiting(),
      keptDrafts(),
      recallTries(),
    ]);
    return {
      acts: bakes.reduce((sum, { readings }) => sum + readings.length, 0),
      recipes: drafts.length,
      tries: made.length + leaving.length,
    };
  }
}
