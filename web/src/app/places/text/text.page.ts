import {
  type KeptAnswer,
  type SentLineAnswer,
  type RecipeVersion,
  weightText,
  standardName,
} from '@ypsigram/contract';
import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  ElementRef,
  Injector,
  afterNextRender,
  afterRenderEffect,
  computed,
  inject,
  signal,
  viewChildren,
} from '@angular/core';
import { BreakpointObserver } from '@angular/cdk/layout';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { map } from 'rxjs';
import { originOf, sameAnswer, type AnsweredBy } from '@ypsigram/core/reading';
import { onScaleGrid } from '@ypsigram/core/fills';
import { STANDARDS, type Standard } from '@ypsigram/core/units';
import { authorsActions, authorsFeature } from '../../state/authors/authors.feature';
import { KeepingQuestion } from '../../kit/keeping/keeping-question';
import { Icon } from '../../kit/icon/icon';
import { AddIngredient, type NewIngredient } from '../../kit/add-ingredient/add-ingredient';
import { takenFromTable } from '../../kit/add-ingredient/taken-from-table';
import { lookBehindTheShelf } from '../../state/recipe/look-behind';
import { kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { recipeActions } from '../../state/recipe/recipe.actions';
import { recipeFeature } from '../../state/recipe/recipe.feature';
import {
  selectAuthorKnown,
  selectProven,
  selectKeeping,
  selectReading,
} from '../../state/recipe/recipe.selectors';
import { EarlierVersions } from './versions';
import { RecipeEditor, type LinePlace } from './editor';
import { lookedThrough } from './open-questions';
import { rowsOf, type ReadingRow } from './rows';
import { EditText } from '../../state/recipe/edit-text';
import { keptOf, UnderstoodLine, type LineAct } from './lines';
import { rowsInView } from './rows-in-view';
import { Opened } from '../../kit/opened/opened';
import { doubtsOf } from '../../recognition/photo-lines';
import { PhotoPages } from '../../recognition/photo-pages';
import { PhotoBeside } from './photo';
import { SavedPhotos } from './saved-photos';
import { BringIn, type BroughtRecipe } from './bring-in';

/** As many questions stand above the text; the others stand beside their lines alone. */
const MOST_SHOWN = 30;
const NOTHING_ASKED: readonly ReadingRow[] = [];

/** More words than these convince nobody. */
const MOST_SIGNS = 4;

/** Reading: the text, and beside each line, on a phone below it, what was understood of it. */
@Component({
  selector: 'yg-text-page',
  imports: [
    Opened,
    AddIngredient,
    BringIn,
    EarlierVersions,
    Icon,
    KeepingQuestion,
    PhotoBeside,
    RecipeEditor,
    RouterLink,
    UnderstoodLine,
  ],
  templateUrl: './text.page.html',
  styleUrl: './text.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TextPage {
  private readonly store = inject(Store);
  private readonly editText = inject(EditText);
  private readonly injector = inject(Injector);
  private readonly understood = viewChildren<string, ElementRef<HTMLElement>>('understood', {
    read: ElementRef,
  });
  private readonly understoodLines = viewChildren(UnderstoodLine);

  /** On a phone what was understood stands below its line, not beside it. */
  private readonly stacked = toSignal(
    inject(BreakpointObserver)
      .observe('(max-width: 44rem)')
      .pipe(map(({ matches }) => matches)),
    { initialValue: false },
  );

  protected readonly standards = STANDARDS.map((id) => ({ id, name: standardName(id) }));
  protected readonly state = this.store.selectSignal(recipeFeature.selectRecipeState);
  protected readonly text = this.store.selectSignal(recipeFeature.selectText);
  protected readonly standard = this.store.selectSignal(recipeFeature.selectStandard);
  protected readonly shelf = this.store.selectSignal(selectShelf);
  protected readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  protected readonly authors = this.store.selectSignal(authorsFeature.selectAuthors);
  protected readonly authorId = this.store.selectSignal(recipeFeature.selectAuthorId);
  protected readonly known = this.store.selectSignal(selectAuthorKnown);
  protected readonly proven = this.store.selectSignal(selectProven);
  protected readonly reading = this.store.selectSignal(selectReading);
  /** Jam, pickles, curing: nothing of it is converted. */
  protected readonly keeping = this.store.selectSignal(selectKeeping);
  protected readonly forKeeping = computed(() => this.state().draft.balance.forKeeping);
  protected readonly isKept = computed(() => this.keeping() === 'preserve');
  protected readonly rows = computed(() => rowsOf(this.text(), this.reading()));
  protected readonly places = signal<readonly LinePlace[]>([]);
  protected readonly space = signal<readonly number[]>([]);
  private readonly grown = signal(0);
  /** The guess that the baker has left alone. */
  protected readonly left = signal<Standard | null>(null);
  /** Where the words seem to come from, while something else is chosen and nobody is named. */
  protected readonly origin = computed(() => {
    const origin = originOf(this.text(), this.shelf());
    const now = this.standard();
    if (!origin || this.authorId() !== null) return null;
    if (origin.standard === now || origin.standard === this.left()) return null;
    return {
      standard: origin.standard,
      name: standardName(origin.standard),
      now: standardName(now),
      signs: origin.signs
        .slice(0, MOST_SIGNS)
        .map((sign) => `“${sign}”`)
        .join(', '),
    };
  });
  protected readonly author = computed(
    () => this.authors().find(({ id }) => id === this.authorId()) ?? null,
  );
  protected readonly looked = lookedThrough(
    computed(() => (this.isKept() ? NOTHING_ASKED : this.rows())),
    computed(() => ({
      standard: this.standard(),
      shelf: this.shelf(),
      known: this.known(),
      proven: this.proven(),
    })),
  );
  /** What waits for an answer, what moves the most grams first. */
  protected readonly open = computed(() =>
    this.looked().open.map((question) => ({
      ...question,
      moves: question.isUnknown
        ? 'no weight yet'
        : question.gramsAtStake > 0
          ? weightText(onScaleGrid(question.gramsAtStake))
          : null,
    })),
  );
  protected readonly mostShown = MOST_SHOWN;
  /** Where what was understood of each line begins, in pixels. */
  protected readonly tops = computed(() =>
    this.places().map(({ top, height }) => (this.stacked() ? top + height : top)),
  );
  protected readonly canShow = rowsInView(this.places);
  /** What the Shelf lacks and is to be added. */
  protected readonly missing = signal<string | null>(null);
  protected readonly isLookingBack = signal(false);
  private readonly photos = inject(PhotoPages);
  protected readonly savedPhotos = inject(SavedPhotos);
  /** The photo of another recipe stays out of this one. */
  protected readonly hasPhoto = computed(() =>
    this.photos.areOf(this.state().saved?.id ?? null, this.text()),
  );
  /** Words that were not read for sure, where they stand in the text. */
  protected readonly unsure = computed(() =>
    this.hasPhoto()
      ? doubtsOf(this.text(), this.photos.lines()).map(({ at, of: { start, end } }) => ({
          line: at,
          start,
          end,
        }))
      : [],
  );
  protected readonly lineAtHand = signal(0);
  /** The line that the keyboard is to go to. */
  protected readonly lineWanted = signal<number | null>(null);
  protected readonly isBlank = computed(() => this.text().trim() === '');

  constructor() {
    lookBehindTheShelf();
    // What stands beside a line may grow by itself: a form is opened in it.
    const grown = new ResizeObserver(() => this.grown.update((count) => count + 1));
    const watched = new Set<HTMLElement>();
    afterRenderEffect(() => {
      const elements = this.understood().map(({ nativeElement }) => nativeElement);
      for (const element of watched) {
        if (elements.includes(element)) continue;
        grown.unobserve(element);
        watched.delete(element);
      }
      for (const element of elements) {
        if (watched.has(element)) continue;
        grown.observe(element);
        watched.add(element);
      }
    });
    inject(DestroyRef).onDestroy(() => {
      grown.disconnect();
      this.savedPhotos.problem.set(null);
    });
    // A line of the text gets as much room as what stands beside it, or below it, needs.
    afterRenderEffect(() => {
      this.places();
      this.grown();
      const elements = this.understood();
      const needed: number[] = [];
      for (const { nativeElement } of elements) {
        const index = Number(nativeElement.dataset['row']);
        const own = this.stacked() ? 0 : (this.places()[index]?.height ?? 0);
        needed[index] = Math.max(0, Math.ceil(nativeElement.offsetHeight - own));
      }
      // Rows out of view keep the room they had when they were last seen.
      const before = this.space();
      const space = Array.from(this.rows(), (_, index) => needed[index] ?? before[index] ?? 0);
      if (space.join() !== this.space().join()) this.space.set(space);
    });
  }

  protected edit(text: string): void {
    this.editText.to(text);
  }

  /** A recipe from elsewhere becomes the text; whose it is goes along where that author is known. */
  protected bring({ text, author }: BroughtRecipe): void {
    const known = this.authors().find(({ name }) => name === author);
    if (known) this.chooseAuthor(known.id);
    this.editText.to(text);
  }

  /** The earlier text is the text again; the one that was there becomes an earlier one. */
  protected takeBack({ text, standard }: RecipeVersion): void {
    this.store.dispatch(recipeActions.standardChosen({ standard }));
    this.editText.to(text);
  }

  protected choose(standard: string): void {
    this.store.dispatch(recipeActions.standardChosen({ standard: standard as Standard }));
  }

  protected chooseAuthor(id: string): void {
    const author = this.authors().find((candidate) => candidate.id === id) ?? null;
    this.store.dispatch(
      recipeActions.authorChosen({
        authorId: author?.id ?? null,
        standard: author?.standard ?? null,
      }),
    );
  }

  protected act(act: LineAct): void {
    switch (act.what) {
      case 'answer':
        this.store.dispatch(recipeActions.lineAnswered({ answer: act.answer }));
        return this.askNext();
      case 'ask again':
        return this.forget(act.answer, act.from);
      case 'keep':
        this.forget(act.answer, act.from);
        return this.remember(act.answer, act.to);
      case 'take':
        return this.take(act.ingredientId, act.words);
      case 'add':
        return this.missing.set(act.words);
    }
  }

  /** The keyboard goes to the question of a line, once it is drawn. */
  protected goTo(index: number): void {
    const line = this.understoodLines().find((one) => one.index() === index);
    if (!line) return;
    line.focusQuestion();
  }

  /** From the public table onto the shelf: what is not known of it is told in its page there. */
  private take(ingredientId: string, words: string): void {
    const found = this.shelf().ingredient(ingredientId);
    if (!found) return;
    this.store.dispatch(
      kitchenChanges.ingredientKept({ ingredient: takenFromTable(found, words), weight: null }),
    );
  }

  protected add({ ingredient, weight }: NewIngredient): void {
    this.store.dispatch(kitchenChanges.ingredientKept({ ingredient, weight }));
    this.missing.set(null);
  }

  protected tellKeeping(forKeeping: boolean | undefined): void {
    this.store.dispatch(recipeActions.balanceSet({ change: { forKeeping } }));
  }

  /** After an answer the keyboard goes on to what is asked next. */
  private askNext(): void {
    afterNextRender(
      () => {
        const [next] = this.open();
        if (next) this.goTo(next.index);
      },
      { injector: this.injector },
    );
  }

  private remember(answer: SentLineAnswer, scope: AnsweredBy): void {
    const kept = keptOf(answer);
    const author = this.author();
    if (scope === 'kitchen') this.store.dispatch(kitchenChanges.answerKept({ answer: kept }));
    else if (scope === 'author' && author) this.changeAuthor(author.answers, kept, true);
    else this.store.dispatch(recipeActions.lineAnswered({ answer }));
  }

  private forget(answer: SentLineAnswer, scope: AnsweredBy): void {
    const kept = keptOf(answer);
    const author = this.author();
    if (scope === 'kitchen') this.store.dispatch(kitchenChanges.answerForgotten({ of: kept }));
    else if (scope === 'author' && author) this.changeAuthor(author.answers, kept, false);
    else this.store.dispatch(recipeActions.answerTakenBack({ of: answer }));
  }

  private changeAuthor(answers: readonly KeptAnswer[], answer: KeptAnswer, isKept: boolean): void {
    const others = answers.filter((other) => !sameAnswer(other, answer));
    this.store.dispatch(
      authorsActions.authorChanged({
        author: this.author()!,
        by: { answers: isKept ? [...others, answer] : others },
      }),
    );
  }

  protected showPhoto(): void {
    const { saved, draft } = this.state();
    void this.savedPhotos.show(draft.photos, saved?.id ?? null);
  }

  protected save(): void {
    this.store.dispatch(recipeActions.saveWanted());
  }
}
