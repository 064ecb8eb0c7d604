import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideState, provideStore } from '@ngrx/store';
import { authorsFeature } from '../state/authors/authors.feature';
import { kitchenFeature } from '../state/kitchen/kitchen.feature';
import { learnedFeature } from '../state/learned/learned.feature';
import { recipeFeature } from '../state/recipe/recipe.feature';
import { trialsFeature } from '../state/trials/trials.feature';
import { typeInto } from '../testing/type-into';
import { QuickQuestion } from './quick-question';

describe('the quick question', () => {
  let fixture: ComponentFixture<QuickQuestion>;

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(recipeFeature),
        provideState(learnedFeature),
        provideState(kitchenFeature),
        provideState(trialsFeature),
        provideState(authorsFeature),
        provideRouter([]),
      ],
    });
    fixture = TestBed.createComponent(QuickQuestion);
    fixture.detectChanges();
    await fixture.whenStable();
  });
  afterEach(() => fixture.destroy());

  const sheet = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const ask = (question: string): string => {
    typeInto(sheet().querySelector('input')!, question);
    fixture.detectChanges();
    return sheet().querySelector('.answer')!.textContent!.trim();
  };

  it('says at first what can be asked', () => {
    expect(sheet().querySelector('.answer')!.textContent).toContain('350 F');
  });

  it('answers what is typed, and stands aside where there is nothing to say', () => {
    expect(ask('2 cups flour')).toBe('250 g');
    expect(sheet().textContent).toContain('With your tools');
    expect(ask('2 cups moon dust')).toBe('That ingredient is not on the Shelf.');
    expect(sheet().textContent).not.toContain('Copy answer');
  });

  it('puts a name that is known in the place of one that is not', () => {
    ask('1 1/2 tsp cinamon');
    [...sheet().querySelectorAll('button')]
      .find(({ textContent }) => textContent!.includes('cinnamon'))!
      .click();
    fixture.detectChanges();
    expect(sheet().querySelector('input')!.value).toBe('1 1/2 tsp ground cinnamon');
    expect(sheet().querySelector('.answer')!.textContent).toContain('g');
  });
});
