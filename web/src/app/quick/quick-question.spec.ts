import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideState, provideStore } from '@ngrx/store';
import { authorsFeature } from '../state/authors/authors.feature';
import { kitchenFeature } from '../state/kitchen/kitchen.feature';
import { learnedFeature } from '../state/learned/learned.feature';
import { recipeFeature } from '../state/recipe/recipe.feature';
import { trialsFeature } from '../state/trials/trials.feature';
import { typeInto } from '../testing/type-into';
import { askedBefore, rememberQuestion } from './asked-before';
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
    return (sheet().querySelector('.answer')?.textContent ?? '').trim();
  };

  it('says at first what can be asked', () => {
    expect(sheet().querySelector('.answer')!.textContent).toContain('350 F');
  });

  it('answers what is typed, and stands aside where there is nothing to say', () => {
    expect(ask('2 cups flour')).toBe('250 g');
    expect(sheet().textContent).toContain('With your tools');
    expect(ask('2 cups moon dust')).toBe('No ingredient has that name.');
    expect(sheet().textContent).not.toContain('Copy answer');
  });

  it('puts a name that is known in the place of one that is not', () => {
    ask('1 1/2 tsp sinnamon');
    [...sheet().querySelectorAll('button')]
      .find(({ textContent }) => textContent!.includes('cinnamon'))!
      .click();
    fixture.detectChanges();
    expect(sheet().querySelector('input')!.value).toBe('1 1/2 tsp ground cinnamon');
    expect(sheet().querySelector('.answer')!.textContent).toContain('g');
  });

  it('says what is meant where an amount is left out', () => {
    expect(ask('cocoa')).toBe('86 g');
    expect(sheet().textContent).toContain('“1 cup cocoa”');
    ask('1 cup cocoa');
    expect(sheet().textContent).not.toContain('“1 cup cocoa”');
  });

  it('answers several lines that are pasted one under the other', () => {
    const field = sheet().querySelector('input')!;
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', '2 cups flour\n\n350 F\n1 cup moon dust\n');
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, cancelable: true }));
    fixture.detectChanges();
    const rows = [...sheet().querySelectorAll('tr')].map((row) => row.textContent!.trim());
    expect(rows.length).toBe(3);
    expect(rows[0]).toContain('250 g');
    expect(rows[1]).toContain('177 °C');
    expect(rows[2]).toContain('No ingredient has that name');
    ask('1 cup sugar');
    expect(sheet().querySelectorAll('tr').length).toBe(0);
  });

  it('answers both sides of a comparison', () => {
    ask('honey vs sugar 1 cup');
    const rows = [...sheet().querySelectorAll('tr')].map((row) => row.textContent!.trim());
    expect(rows.map((row) => /\d+ g/.exec(row)?.[0])).toEqual(['339 g', '200 g']);
    // Two pans are one question.
    ask('8x8 vs 9x13');
    expect(sheet().querySelectorAll('tr').length).toBe(0);
  });
});

describe('what was asked before', () => {
  afterEach(() => localStorage.removeItem('ypsigram.asked'));

  it('is offered again, ten at most, the last first', () => {
    for (let at = 0; at < 12; at++) rememberQuestion(`${at} cups flour`);
    rememberQuestion('5 cups flour');
    rememberQuestion('   ');
    expect(askedBefore().length).toBe(10);
    expect(askedBefore()[0]).toBe('5 cups flour');
    expect(askedBefore()).not.toContain('0 cups flour');
  });

  it('is nothing where what is kept is not ours', () => {
    localStorage.setItem('ypsigram.asked', '{"no": "list"}');
    expect(askedBefore()).toEqual([]);
    localStorage.setItem('ypsigram.asked', 'no JSON');
    expect(askedBefore()).toEqual([]);
  });
});
