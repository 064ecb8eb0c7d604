import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import { METHOD_NAMES, HEAVIEST_DENSITY, type Author, standardName } from '@ypsigram/contract';
import type { Ingredient } from '@ypsigram/core/catalogue';
import { defaultMethod, sameFilling, type FillingOf } from '@ypsigram/core/measuring';
import { STANDARDS, millilitresIn, type Standard } from '@ypsigram/core/units';
import { authorsActions, type AuthorChange } from '../../state/authors/authors.feature';
import { knownOf, selectKnownByAuthor } from '../../state/authors/authors.selectors';
import { CupPicture } from '../../kit/cups/cup-picture';
import { decimal, grams } from '../../kit/figures/figures';
import { chosen, positive, problemIn, problemOfTyped } from '../../kit/forms/rules';
import { Icon } from '../../kit/icon/icon';
import {
  CHOOSE_FROM_SHELF,
  IngredientField,
  NOT_ON_SHELF,
} from '../../kit/ingredient-field/ingredient-field';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';

const KINDS = [
  { id: 'book', name: 'a book' },
  { id: 'notebook', name: 'a notebook' },
  { id: 'person', name: 'a person' },
] as const;

const keyOf = ({ ingredientId, form, method }: FillingOf): string =>
  [ingredientId, form, method].join('/');

/** One author: how its cups are filled, by its own word and by its recipes. */
@Component({
  selector: 'yg-author-sheet',
  imports: [CupPicture, Icon, IngredientField, ReactiveFormsModule],
  templateUrl: './author-sheet.html',
  styleUrl: './author-sheet.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AuthorSheet {
  readonly author = input.required<Author>();

  private readonly store = inject(Store);
  private readonly knownByAuthor = this.store.selectSignal(selectKnownByAuthor);
  private readonly cup = computed(() => millilitresIn('cup', this.author().standard).valueOf());

  protected readonly kinds = KINDS;
  protected readonly standards = STANDARDS.map((id) => ({ id, name: standardName(id) }));
  protected readonly shelf = this.store.selectSignal(selectShelf);
  /** What a cup weighs: above 0, and no more than the heaviest thing there is. */
  private readonly cupWeight = positive(
    () => HEAVIEST_DENSITY * this.cup(),
    'Write what one cup weighs in grams, for example 120.',
  );
  protected readonly form = new FormGroup({
    ingredient: new FormControl<Ingredient | null>(null, chosen(CHOOSE_FROM_SHELF)),
    grams: new FormControl('', { nonNullable: true, validators: this.cupWeight }),
  });
  protected readonly ingredient = toSignal(this.form.controls.ingredient.valueChanges, {
    initialValue: null,
  });
  protected readonly problem = signal<string | null>(null);

  protected readonly given = computed(() =>
    this.author().conventions.map((convention) => ({
      of: convention,
      key: keyOf(convention),
      name: this.nameOf(convention),
      grams: grams(convention.gramsPerMillilitre * this.cup()),
    })),
  );
  protected readonly inferred = computed(() =>
    this.author().inferred.map((convention, index) => {
      const { gramsPerMillilitre, lines } = convention;
      const agreeing = lines.filter(({ agrees }) => agrees).length;
      const isGiven = this.author().conventions.some((other) => sameFilling(other, convention));
      const found = `${agreeing} lines agree${lines.length > agreeing ? `, ${lines.length - agreeing} left out` : ''}`;
      return {
        key: keyOf(convention),
        isOpen: index === 0,
        name: this.nameOf(convention),
        grams: gramsPerMillilitre === null ? '?' : `${grams(gramsPerMillilitre * this.cup())} g`,
        about:
          gramsPerMillilitre === null
            ? 'not used yet: at least two lines must agree'
            : isGiven
              ? `${found}; the author’s own weight is used instead`
              : found,
        lines: lines.map((line) => ({
          ...line,
          perCup: grams((line.grams / line.millilitres) * this.cup()),
        })),
      };
    }),
  );
  protected readonly estimates = computed(() =>
    knownOf(this.knownByAuthor(), this.author().id)
      .filter(({ rung }) => rung === 'estimate')
      .map((known) => {
        const name = this.shelf().ingredient(known.ingredientId)?.name.toLowerCase();
        return `${name} ${grams(known.gramsPerMillilitre * this.cup())} g`;
      }),
  );
  /** The ingredient to compare: what is being written down, else the first this author speaks of. */
  protected readonly pictured = computed(() => {
    const { conventions, inferred } = this.author();
    const first = [...conventions, ...inferred][0]?.ingredientId;
    return this.ingredient() ?? (first ? this.shelf().ingredient(first) : null) ?? null;
  });

  protected rename(field: HTMLInputElement): void {
    const name = field.value.trim();
    if (name === '') field.value = this.author().name;
    else this.change({ name });
  }

  protected chooseKind(kind: string): void {
    this.change({ kind: kind as Author['kind'] });
  }

  protected chooseStandard(standard: string): void {
    // What it says of its cup stays said of its cup, however much that holds.
    const cup = millilitresIn('cup', standard as Standard).valueOf();
    const conventions = this.author().conventions.map((convention) => ({
      ...convention,
      gramsPerMillilitre: (convention.gramsPerMillilitre * this.cup()) / cup,
    }));
    this.change({ standard: standard as Standard, conventions });
  }

  protected change(by: Partial<AuthorChange>): void {
    this.store.dispatch(authorsActions.authorChanged({ author: this.author(), by }));
  }

  protected remove(): void {
    this.store.dispatch(authorsActions.authorRemoved({ author: this.author() }));
  }

  protected pick(ingredient: Ingredient | null): void {
    this.form.controls.ingredient.setValue(ingredient);
    this.problem.set(ingredient ? null : NOT_ON_SHELF);
  }

  protected add(): void {
    const { ingredient, grams: typed } = this.form.getRawValue();
    this.problem.set(problemIn(this.form));
    if (this.form.invalid || !ingredient) return;
    this.save(
      { ingredientId: ingredient.id, form: null, method: defaultMethod(ingredient) },
      typed,
    );
    this.form.controls.grams.reset();
  }

  /** Another weight of a cup that is listed already. */
  protected set(of: FillingOf, typed: string): void {
    this.problem.set(problemOfTyped(this.cupWeight, typed));
    if (this.problem() === null) this.save(of, typed);
  }

  private save(of: FillingOf, typed: string): void {
    const { ingredientId, form, method } = of;
    const gramsPerMillilitre = decimal(typed)! / this.cup();
    const convention = { ingredientId, form, method, gramsPerMillilitre };
    this.change({ conventions: [...this.without(of), convention] });
  }

  protected forget(of: FillingOf): void {
    this.change({ conventions: this.without(of) });
  }

  private without(of: FillingOf): Author['conventions'] {
    return this.author().conventions.filter((other) => !sameFilling(other, of));
  }

  private nameOf({ ingredientId, form, method }: FillingOf): string {
    const ingredient = this.shelf().ingredient(ingredientId);
    const isUsual = ingredient && defaultMethod(ingredient) === method;
    const parts = [ingredient?.name ?? ingredientId, form, isUsual ? null : METHOD_NAMES[method]];
    return parts.filter(Boolean).join(', ');
  }
}
