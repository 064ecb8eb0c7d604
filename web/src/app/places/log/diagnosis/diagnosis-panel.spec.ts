import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import type { Recipe } from '@ypsigram/contract';
import { USUAL_BALANCE } from '@ypsigram/core/batch';
import { BakeSession } from '../../../state/bake/bake-session';
import { recipeActions } from '../../../state/recipe/recipe.actions';
import { recipeFeature } from '../../../state/recipe/recipe.feature';
import { bakeOf, benchWith } from '../../../testing/bake';
import { DiagnosisPanel } from './diagnosis-panel';

const TEXT = 'Buns\n2 cups flour\n1 tsp salt';

describe('why a bake failed', () => {
  let fixture: ComponentFixture<DiagnosisPanel>;
  let session: BakeSession;
  let store: Store;
  const words = (): string =>
    (fixture.nativeElement as HTMLElement).textContent.replace(/\s+/g, ' ');
  const press = (name: string): void => {
    const buttons = [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')];
    buttons.find((button) => button.textContent.includes(name))!.click();
    fixture.detectChanges();
  };
  const failed = (...symptoms: string[]): void => {
    session.do({ do: 'result', rating: 2, symptoms, note: '', isWasted: false });
    fixture.detectChanges();
  };

  beforeEach(() => {
    const bake = bakeOf('fill');
    ({ store } = benchWith(bake, BakeSession));
    store.dispatch(
      recipeActions.recipeLoaded({
        recipe: {
          id: bake.recipeId,
          title: 'Buns',
          text: TEXT,
          standard: 'us-customary',
          authorId: null,
          batch: { by: 'factor', factor: '1' },
          methods: {},
          balance: { ...USUAL_BALANCE, lines: {} },
          answers: [],
          photos: [],
          revision: 1,
          createdAt: '',
          updatedAt: '',
          deletedAt: null,
        } satisfies Recipe,
      }),
    );
    session = TestBed.inject(BakeSession);
    fixture = TestBed.createComponent(DiagnosisPanel);
    fixture.componentRef.setInput('outcomes', []);
    fixture.detectChanges();
  });

  it('asks for what was wrong before it says anything', () => {
    expect(words()).toContain('Tap what was wrong with it above');
  });

  it('names causes with what speaks for them, and chances that add up', () => {
    failed('dense', 'dry');
    expect(words()).toContain('Too much flour');
    expect(words()).toContain('For it: it was dry; it was dense');
    const shown = [...words().matchAll(/(\d+) %/g)].map(([, figure]) => Number(figure));
    expect(shown.reduce((sum, one) => sum + one, 0)).toBe(100);
  });

  it('asks one question at a time, and keeps the answer with the bake', () => {
    failed('dense', 'dry');
    expect(words()).toContain('Did you dip the cup into the flour, or shake it down?');
    press('Yes');
    expect(session.state()!.after.answers).toEqual({ 'flour-dipped': 'yes' });
    expect(words()).toContain('What you answered');
  });

  it('puts the change onto the next plan, as a note and as a weighed line, and off it again', () => {
    failed('dense', 'dry');
    press('Try this next time');
    const balance = store.selectSignal(recipeFeature.selectBalance);
    expect(balance().trying).toEqual({
      bakeId: session.bake()!.id,
      causeId: 'flour-over',
      note: 'Weigh the flour.',
    });
    expect(Object.values(balance().lines)).toEqual([{ weighed: true }]);
    expect(words()).toContain('It is on the next plan.');
    press('Don’t try it');
    expect(balance().trying).toBeNull();
  });

  it('goes by the scale where there was one', () => {
    session.do({
      do: 'weigh',
      line: 'flour',
      route: 'container',
      grams: 251,
      scale: 'kitchen scale',
    });
    failed('dense', 'dry');
    expect(words()).not.toContain('Too much flour');
  });
});
