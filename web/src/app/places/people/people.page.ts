import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  ElementRef,
  inject,
  Injector,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { v4 as newId } from 'uuid';
import type { ImportReply } from '@ypsigram/contract';
import { heldMillilitresOf, stampedMillilitresOf, type TrialOf } from '@ypsigram/core/calibration';
import type { Method } from '@ypsigram/core/catalogue';
import { densityOf, measureSize } from '@ypsigram/core/measuring';
import { TRIALS_TABLE } from '../../api/trials-api';
import { authorsFeature } from '../../state/authors/authors.feature';
import { selectKnownByAuthor } from '../../state/authors/authors.selectors';
import { signedPercent } from '../../kit/figures/figures';
import { Icon } from '../../kit/icon/icon';
import { TableImport } from '../../kit/table-import/table-import';
import { Retry } from '../../kit/retry/retry';
import { kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { LiveScale } from '../../scale/live-scale';
import { weighedNext } from '../../scale/weighed-next';
import { trialsActions, trialsFeature } from '../../state/trials/trials.feature';
import { selectSetsByHand } from '../../state/trials/trials.selectors';
import { fillingName, fillingParams, sameTrials } from './filling';
import { FillingChoice } from './filling-choice';
import { FillingSheet } from './filling-sheet';
import type { Comparison, HandSet } from './pictures';
import { KitchenSaved } from '../../kit/kitchen-saved/kitchen-saved';
import { NgTemplateOutlet } from '@angular/common';
import { Opened } from '../../kit/opened/opened';

/** Hand: how the people of this kitchen fill a cup, found by weighing what they filled. */
@Component({
  selector: 'yg-people-page',
  imports: [
    NgTemplateOutlet,
    Opened,
    KitchenSaved,
    FillingChoice,
    FillingSheet,
    Icon,
    RouterLink,
    TableImport,
    Retry,
  ],
  templateUrl: './people.page.html',
  styleUrl: './people.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PeoplePage {
  /** From the address: whose hand, and which filling of it. */
  readonly hand = input<string>();
  readonly ingredient = input<string>();
  readonly form = input<string>();
  readonly method = input<string>();
  readonly tool = input<string>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly injector = inject(Injector);
  private readonly sheet = viewChild<FillingSheet, ElementRef<HTMLElement>>(FillingSheet, {
    read: ElementRef,
  });
  private readonly scale = inject(LiveScale);
  private readonly people = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly ownTools = this.store.selectSignal(kitchenFeature.selectTools);
  private readonly setsByHand = this.store.selectSignal(selectSetsByHand);
  private readonly authors = this.store.selectSignal(authorsFeature.selectAuthors);
  private readonly knownByAuthor = this.store.selectSignal(selectKnownByAuthor);
  private readonly trials = this.store.selectSignal(trialsFeature.selectTrialsState);
  private readonly kitchenProblem = this.store.selectSignal(kitchenFeature.selectProblem);

  protected readonly table = TRIALS_TABLE;
  protected readonly isAdding = signal(false);
  /** The hand that was removed last, as long as that is one step of undo away. */
  protected readonly removed = signal<string | null>(null);
  protected readonly isLoaded = this.store.selectSignal(kitchenFeature.selectIsLoaded);
  protected readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  protected readonly shelf = this.store.selectSignal(selectShelf);
  protected readonly tools = computed(() => this.ownTools().map(({ name }) => name));
  protected readonly problem = computed(() => this.trials().problem ?? this.kitchenProblem());
  protected readonly canUndo = computed(() => this.trials().past.length > 0);

  protected readonly hands = computed(() =>
    this.people().map(({ id, name }, look) => {
      const count = (this.setsByHand().get(id) ?? []).reduce(
        (sum, { trials }) => sum + trials.length,
        0,
      );
      return { id, name, look, trials: count === 1 ? '1 trial' : `${count} trials` };
    }),
  );
  protected readonly who = computed(() => {
    const wanted = this.hand() ?? this.handId();
    return this.hands().find(({ id }) => id === wanted) ?? this.hands()[0] ?? null;
  });

  /** The filling that is open: the one of the address, else the first that was tried. */
  protected readonly filling = computed<TrialOf | null>(() => {
    const [ingredientId, method, tool] = [this.ingredient(), this.method(), this.tool()];
    if (ingredientId && method && tool) {
      return { ingredientId, form: this.form() ?? null, method: method as Method, tool };
    }
    const first = this.setsByHand().get(this.who()?.id ?? '')?.[0];
    return first?.of ?? null;
  });
  protected readonly fillings = computed(() =>
    (this.setsByHand().get(this.who()?.id ?? '') ?? []).map((set) => {
      const open = this.filling();
      const bias =
        set.calibration && set.reference
          ? `, ${signedPercent(set.calibration.gramsPerMillilitre / set.reference.gramsPerMillilitre - 1, 0)}`
          : '';
      const { length } = set.trials;
      return {
        name: fillingName(set.of, this.shelf()),
        params: fillingParams(set.of),
        isOpen: open !== null && sameTrials(set.of, open),
        found: `${length} ${length === 1 ? 'trial' : 'trials'}${bias}`,
      };
    }),
  );

  private readonly ownTool = computed(
    () => this.ownTools().find(({ name }) => name === this.filling()?.tool) ?? null,
  );
  /** What the tool holds as far as is known; the volume of its trials where it is gone. */
  protected readonly millilitres = computed(() => {
    const tool = this.ownTool();
    if (tool) return heldMillilitresOf(tool, this.standard());
    return this.sets()[0]?.set.millilitres ?? null;
  });
  private readonly size = computed(() => {
    const tool = this.ownTool();
    return tool
      ? measureSize(tool.unit, stampedMillilitresOf(tool, this.standard()))
      : measureSize('ml', this.millilitres() ?? 0);
  });

  /** Everybody's trials of the filling that is open, whose hand it is first. */
  protected readonly sets = computed<readonly HandSet[]>(() => {
    const filling = this.filling();
    if (!filling) return [];
    const found = this.hands().flatMap(({ id, name, look }) => {
      const set = this.setsByHand()
        .get(id)
        ?.find(({ of }) => sameTrials(of, filling));
      return set ? [{ id, name, look, set }] : [];
    });
    return found.sort((a, b) => Number(b.id === this.who()?.id) - Number(a.id === this.who()?.id));
  });

  /** The table's weight and the authors', to hold the hand against. */
  protected readonly comparisons = computed<readonly Comparison[]>(() => {
    const filling = this.filling();
    const ingredient = filling && this.shelf().ingredient(filling.ingredientId);
    if (!filling || !ingredient) return [];
    const { form, method } = filling;
    const table = densityOf({ ingredient, form, method, size: this.size() });
    const authors = this.authors().flatMap(({ id, name }) => {
      const known = this.knownByAuthor()
        .get(id)
        ?.find(
          ({ ingredientId, form, rung }) =>
            rung === 'author' && ingredientId === filling.ingredientId && form === filling.form,
        );
      return known ? [{ name, gramsPerMillilitre: known.gramsPerMillilitre }] : [];
    });
    return table
      ? [{ name: 'table', gramsPerMillilitre: table.gramsPerMillilitre }, ...authors]
      : authors;
  });

  constructor() {
    // The scale is told what is about to lie on it.
    effect((onCleanup) => {
      const filling = this.filling();
      const what = filling && { ...filling, handId: this.who()?.id ?? null };
      this.scale.weighing.set(what && weighedNext(what, this.shelf()));
      onCleanup(() => this.scale.weighing.set(null));
    });
  }

  protected open(filling: TrialOf): void {
    void this.router
      .navigate([], { queryParams: fillingParams(filling), queryParamsHandling: 'merge' })
      .then(() => this.show());
  }

  /** What was chosen comes into view: on a phone it stands below the list. */
  protected show(): void {
    const bring = (): void => {
      const sheet = this.sheet()?.nativeElement;
      const top = sheet?.getBoundingClientRect().top ?? 0;
      if (top < 0 || top > innerHeight / 2) sheet?.scrollIntoView({ block: 'start' });
    };
    afterNextRender(bring, { injector: this.injector });
  }

  protected add(name: string): void {
    const called = name.trim();
    if (called === '') return;
    this.removed.set(null);
    const id = newId();
    this.store.dispatch(kitchenChanges.handKept({ hand: { id, name: called } }));
    if (this.handId() === null) this.store.dispatch(kitchenChanges.handChosen({ id }));
    this.isAdding.set(false);
    void this.router.navigate([], { queryParams: { hand: id } });
  }

  protected remove({ id, name }: { readonly id: string; readonly name: string }): void {
    this.store.dispatch(kitchenChanges.handRemoved({ id }));
    this.removed.set(name);
    void this.router.navigate([], { queryParams: {} });
  }

  /** Removing a hand was the last thing that changed in the kitchen while its note stands there. */
  protected bringBack(): void {
    this.store.dispatch(kitchenChanges.changeUndone());
    this.removed.set(null);
  }

  protected measureNow(isNow: boolean): void {
    this.removed.set(null);
    this.store.dispatch(kitchenChanges.handChosen({ id: isNow ? this.who()!.id : null }));
  }

  protected undo(): void {
    const undo = this.trials().past.at(-1);
    if (undo) this.store.dispatch(trialsActions.changeTakenBack({ undo }));
  }

  protected imported({ importId }: ImportReply): void {
    if (importId) this.store.dispatch(trialsActions.tableCameIn({ importId }));
  }

  protected again(): void {
    this.store.dispatch(trialsActions.trialsAskedFor());
  }
}
