import { typeInto } from '../../testing/type-into';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideState, provideStore, Store } from '@ngrx/store';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { trialSets } from '@ypsigram/core/calibration';
import { ScaleApi } from '../../api/scale-api';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { trialsActions } from '../../state/trials/trials.feature';
import type { HandTrial } from '../../state/trials/trials.selectors';
import { FillingSheet } from './filling-sheet';

const CUP = 236.5882365;
const FILLING = {
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  method: 'spooned',
  tool: '1 cup',
} as const;
const trial = (grams: number, index: number): HandTrial => ({
  ...FILLING,
  id: String(index),
  handId: 'grebe',
  millilitres: CUP,
  size: 'cup',
  grams,
  at: `2026-03-${String(index + 1).padStart(2, '0')}T09:30:00Z`,
  source: 'typed',
  conditions: '',
  verdict: null,
  importId: null,
  revision: 1,
});

describe('a filling of a hand', () => {
  let fixture: ComponentFixture<FillingSheet>;
  let dispatched: jasmine.Spy;

  function open(...grams: number[]): HTMLElement {
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(kitchenFeature),
        { provide: ScaleApi, useValue: {} },
      ],
    });
    dispatched = spyOn(TestBed.inject(Store), 'dispatch');
    fixture = TestBed.createComponent(FillingSheet);
    const [set] = trialSets(grams.map(trial), BUILT_IN_SHELF, [{ name: 'white bowl', grams: 312 }]);
    fixture.componentRef.setInput('filling', FILLING);
    fixture.componentRef.setInput('millilitres', CUP);
    fixture.componentRef.setInput('hand', { id: 'grebe', name: 'Grebe' });
    fixture.componentRef.setInput('sets', set ? [{ name: 'Grebe', look: 0, set }] : []);
    fixture.componentRef.setInput('comparisons', [
      { name: 'table', gramsPerMillilitre: 125 / CUP },
    ]);
    fixture.componentRef.setInput('shelf', BUILT_IN_SHELF);
    fixture.detectChanges();
    return fixture.nativeElement as HTMLElement;
  }
  const press = (name: string): void => {
    const buttons = [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')];
    buttons.find((button) => button.textContent?.trim() === name)!.click();
  };

  it('says how heavy the fill is, how sure that is, and against whom', () => {
    const text = open(138, 140, 142, 139, 141).textContent!;
    expect(text).toContain('140 g');
    expect(text).toContain('± 2.0 g');
    expect(text).toContain('Compared with the table: +12.0 %');
  });

  it('says how many weighings are missing until plans go by it', () => {
    expect(open(138).textContent).toContain('2 more weighings until recipes use this weight.');
  });

  it('says how many more it takes to know it well', () => {
    expect(open(120, 130, 125, 135).textContent).toMatch(/About \d+ more trials until/);
  });

  it('puts a doubt as a question, and does as the baker decides', () => {
    const text = open(138, 140, 139, 451).textContent!;
    expect(text).toContain('white bowl');
    expect(text).toContain('3 trials count');
    press('Leave it out');
    expect(dispatched).toHaveBeenCalledWith(
      trialsActions.trialJudged({
        trial: jasmine.objectContaining({ id: '3' }) as unknown as HandTrial,
        by: { verdict: 'aside' },
      }),
    );
  });

  it('keeps what is typed, with either decimal mark, and refuses what is no weight', () => {
    const page = open();
    const field = page.querySelector('input')!;
    typeInto(field, 'much');
    press('Add trial');
    fixture.detectChanges();
    expect(page.textContent).toContain('in grams, without the container');
    expect(dispatched).not.toHaveBeenCalled();
    typeInto(field, '131,5');
    press('Add trial');
    const [{ draft }] = dispatched.calls.mostRecent().args as [{ draft: HandTrial }];
    expect(draft).toEqual(
      jasmine.objectContaining({ ...FILLING, handId: 'grebe', grams: 131.5, source: 'typed' }),
    );
  });
});
