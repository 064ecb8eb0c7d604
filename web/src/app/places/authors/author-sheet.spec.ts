import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Store, provideState, provideStore } from '@ngrx/store';
import type { Author } from '@ypsigram/contract';
import { authorsActions, authorsFeature } from '../../state/authors/authors.feature';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { AuthorSheet } from './author-sheet';

const FLOUR = { ingredientId: 'flour-wheat-all-purpose', form: null, method: 'spooned' } as const;
const CUP = 236.5882365;
const line = (grams: number, recipe: string, agrees = true) => ({
  recipeId: '00000000-0000-4000-8000-00000000000a',
  recipe,
  written: `1 cup (${grams} g) flour`,
  grams,
  millilitres: CUP,
  agrees,
});
const AUTHOR: Author = {
  id: '00000000-0000-4000-8000-000000000001',
  name: 'Tide book',
  kind: 'book',
  standard: 'us-customary',
  note: '',
  answers: [],
  conventions: [],
  revision: 1,
  inferred: [
    {
      ...FLOUR,
      gramsPerMillilitre: 136 / CUP,
      lines: [line(136, 'Buns'), line(136, 'Rounds'), line(90, 'Slabs', false)],
    },
  ],
  recipeCount: 3,
} as unknown as Author;

describe('the sheet of an author', () => {
  let fixture: ComponentFixture<AuthorSheet>;
  let dispatched: jasmine.Spy;

  const open = (change: Partial<Author> = {}): void => {
    TestBed.configureTestingModule({
      providers: [provideStore(), provideState(kitchenFeature), provideState(authorsFeature)],
    });
    const store = TestBed.inject(Store);
    const author = { ...AUTHOR, ...change };
    store.dispatch(authorsActions.authorsLoaded({ authors: [author] }));
    fixture = TestBed.createComponent(AuthorSheet);
    fixture.componentRef.setInput('author', author);
    fixture.detectChanges();
    dispatched = spyOn(store, 'dispatch');
  };
  const page = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const shown = (): string => page().textContent!.replace(/\s+/g, ' ');
  const field = (label: string): HTMLInputElement =>
    [...page().querySelectorAll('label')]
      .find(({ textContent }) => textContent!.trim().startsWith(label))!
      .querySelector<HTMLInputElement>('input, select')!;
  const press = (name: string): void => {
    [...page().querySelectorAll('button')]
      .find(({ textContent }) => textContent!.includes(name))!
      .click();
    fixture.detectChanges();
  };
  const by = (): Partial<Author> =>
    (dispatched.calls.mostRecent().args[0] as { by: Partial<Author> }).by;

  it('shows what follows from its recipes, and which line was left out', () => {
    open();
    expect(shown()).toContain('136 g');
    expect(shown()).toContain('2 lines agree, 1 left out');
    expect(shown()).toContain('Slabs, left out: too different');
  });

  it('says why nothing is used where no two lines agree', () => {
    const [found] = AUTHOR.inferred;
    open({ inferred: [{ ...found!, gramsPerMillilitre: null }] });
    expect(shown()).toContain('not used yet: at least two lines must agree');
  });

  it('says where to begin where there is nothing yet', () => {
    open({ inferred: [], recipeCount: 0 });
    expect(shown()).toContain('No weights yet.');
    expect(shown()).toContain('None of the 0 recipes gives volume and weight');
  });

  it('wants an ingredient and a weight before it adds one', () => {
    open();
    press('Add weight');
    expect(shown()).toContain('Choose an ingredient first.');
    expect(dispatched).not.toHaveBeenCalled();
  });

  it('keeps what its cup weighs when its cup becomes another', () => {
    open({ conventions: [{ ...FLOUR, gramsPerMillilitre: 120 / CUP }] });
    const standards = field('Cups and spoons used');
    standards.value = 'metric';
    standards.dispatchEvent(new Event('change'));
    expect(by().standard).toBe('metric');
    expect(by().conventions![0]!.gramsPerMillilitre * 250).toBeCloseTo(120, 9);
  });

  it('keeps its name where none is written', () => {
    open();
    const name = field('Name');
    name.value = '   ';
    name.dispatchEvent(new Event('change'));
    expect(name.value).toBe('Tide book');
    expect(dispatched).not.toHaveBeenCalled();
  });
});
