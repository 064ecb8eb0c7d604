import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Store, provideState, provideStore } from '@ngrx/store';
import { USUAL_KITCHEN, type Author, type KeptAnswer } from '@ypsigram/contract';
import { authorsActions, authorsFeature } from '../../state/authors/authors.feature';
import { kitchenActions } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { SettingsPage } from './settings.page';

const answer = (name: string): KeptAnswer => ({
  note: 'kind-ambiguous',
  name,
  word: null,
  reading: { ingredientId: 'salt-table' },
});
const AUTHOR: Author = {
  id: '00000000-0000-4000-8000-000000000001',
  name: 'Tide book',
  kind: 'book',
  note: '',
  standard: null,
  given: [],
  answers: [answer('sea salt')],
  inferred: [],
  known: [],
  recipeCount: 0,
  revision: 1,
} as unknown as Author;

describe('the settings', () => {
  let fixture: ComponentFixture<SettingsPage>;
  let store: Store;

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        provideStore(),
        provideState(kitchenFeature),
        provideState(authorsFeature),
      ],
    });
    store = TestBed.inject(Store);
    const kitchen = { ...USUAL_KITCHEN, answers: [answer('kosher salt')] };
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen }));
    store.dispatch(authorsActions.authorsLoaded({ authors: [AUTHOR] }));
    fixture = TestBed.createComponent(SettingsPage);
    fixture.detectChanges();
  });

  const page = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const kitchen = () => store.selectSignal(kitchenFeature.selectCurrent)();
  const press = (name: string): void => {
    const buttons = [...page().querySelectorAll('button')];
    buttons.find(({ textContent }) => textContent!.includes(name))!.click();
    fixture.detectChanges();
  };
  const set = (label: string, value: string): void => {
    const labels = [...page().querySelectorAll('label')];
    const found = labels.find(({ textContent }) => textContent!.trim().startsWith(label))!;
    const field = found.querySelector<HTMLInputElement | HTMLSelectElement>('input, select')!;
    field.value = value;
    field.dispatchEvent(new Event('change'));
    fixture.detectChanges();
  };

  it('go by the browser until something is chosen, and can go back to it', () => {
    expect(kitchen().decimalMark).toBeNull();
    set('Decimals', ',');
    set('Dates', 'year');
    set('A week begins on', 'saturday');
    set('Temperatures', 'celsius');
    set('Currency', ' kr ');
    expect(kitchen()).toEqual(
      jasmine.objectContaining({
        decimalMark: ',',
        dateOrder: 'year',
        firstDay: 'saturday',
        temperature: 'celsius',
        currency: 'kr',
      }),
    );
    set('Currency', '');
    expect(kitchen().currency).toBeNull();
    press('Undo');
    expect(kitchen().currency).toBe('kr');
  });

  it('hold the usual way to fill, for all recipes', () => {
    set('powders', 'dipped');
    set('show weights in', 'oz');
    expect(kitchen().habits).toEqual({ powder: 'dipped' });
    expect(kitchen().weighedIn).toBe('oz');
  });

  it('show every answer kept, whose it is, and forget one', () => {
    const shown = [...page().querySelectorAll('yg-answers-kept li')].map(
      ({ textContent }) => textContent!,
    );
    expect(shown.length).toBe(2);
    expect(shown[0]).toContain('“kosher salt” means fine table salt');
    expect(shown[0]).toContain('in all recipes');
    expect(shown[1]).toContain('in recipes by Tide book');
    press('Forget');
    expect(kitchen().answers).toEqual([]);
    press('Undo');
    expect(kitchen().answers.length).toBe(1);
  });

  const uncheck = (label: string): void => {
    const labels = [...page().querySelectorAll('label')];
    labels
      .find(({ textContent }) => textContent.includes(label))!
      .querySelector<HTMLInputElement>('input[type=checkbox]')!
      .click();
    fixture.detectChanges();
  };

  it('switch single keys off', () => {
    uncheck('Use single keys as shortcuts');
    expect(kitchen().letterKeys).toBe(false);
  });

  it('switch pages of the web off, one step of undo away', () => {
    uncheck('Get a recipe when its web address is pasted');
    expect(kitchen().getsWebPages).toBe(false);
    press('Undo');
    expect(kitchen().getsWebPages).toBe(true);
  });
});
