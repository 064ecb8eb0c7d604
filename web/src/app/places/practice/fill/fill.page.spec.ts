import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { USUAL_KITCHEN } from '@ypsigram/contract';
import { randomFrom } from '@ypsigram/core/chance';
import { fillBy, startFilling, type FillAct } from '@ypsigram/core/practice';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { kitchenActions } from '../../../state/kitchen/kitchen.actions';
import { Acting, practiceWith } from '../../../testing/practice';
import { PracticeDesk } from '../practice-desk';
import {
  bladeInWords,
  contentsInWords,
  contentsPath,
  heapHeight,
  specksOf,
} from './counter-drawing';
import { FillPage } from './fill.page';
import { measureShape } from './measure-shape';

/** A heap, a spoonful at a time. */
function heap(page: Acting<FillPage>): void {
  for (let spoonfuls = 0; spoonfuls < 14; spoonfuls++) page.click(/^Spoon in/);
}

function sweepFlat(page: Acting<FillPage>): void {
  page.slide('input[type=range]', 0);
  page.click('Sweep');
}

describe('filling and weighing', () => {
  it('comes to the target when it is done as the technique has it', () => {
    const { tries } = practiceWith();
    const page = new Acting(FillPage);
    expect(page.words()).toContain('1 cup all-purpose wheat flour, spooned');
    expect(page.words()).toContain('Target 125 g');
    page.click('Stir the bin');
    heap(page);
    sweepFlat(page);
    page.click('Weigh it');
    const [made] = tries();
    expect(made!.skill).toEqual({ kind: 'fill', class: 'powder', method: 'spooned' });
    expect(made!.ingredientId).toBe('flour-wheat-all-purpose');
    // Only chance is left: half of what usual fills scatter by.
    expect(Math.abs(made!.off!)).toBeLessThan(0.1);
    expect(made!.tolerance).toBeCloseTo(0.06, 9);
  });

  it('keeps what is in the cup while the kitchen is changed on another device', () => {
    const { store } = practiceWith();
    const page = new Acting(FillPage);
    heap(page);
    const filled = page.element.querySelector('.words')!.textContent;
    const revision = USUAL_KITCHEN.revision + 1;
    store.dispatch(
      kitchenActions.kitchenRefreshed({
        kitchen: { ...USUAL_KITCHEN, revision, ingredients: [] },
      }),
    );
    page.fixture.detectChanges();
    expect(filled).toContain('heaped');
    expect(page.element.querySelector('.words')!.textContent).toBe(filled);
  });

  it('says why a fill is heavy, and lets it be filled again', () => {
    practiceWith();
    const page = new Acting(FillPage);
    heap(page);
    for (let presses = 0; presses < 5; presses++) page.click('Press');
    heap(page);
    sweepFlat(page);
    page.click('Weigh it');
    expect(page.words()).toMatch(/too heavy/);
    expect(page.words()).toContain('It was pressed:');
    expect(page.words()).toContain('It lay settled in the bin:');
    expect(page.button('Press').disabled).toBe(true);
    page.click('Fill it again');
    expect(page.words()).toContain('The cup is empty.');
  });

  it('says in words what there is to see', () => {
    practiceWith();
    const page = new Acting(FillPage);
    page.slide('input[type=range]', 6);
    expect(page.words()).toContain('The blade is lifted clearly at its right end.');
    heap(page);
    expect(page.words()).toContain('The cup is well heaped.');
    sweepFlat(page);
    expect(page.words()).toContain('full to the rim, swept level');
    page.click('Tip out');
    expect(page.words()).toContain('The cup is empty.');
  });

  it('offers only what makes sense for an ingredient', () => {
    practiceWith();
    const page = new Acting(FillPage, { ingredient: 'sugar-granulated' });
    const names = [...page.element.querySelectorAll('.acts button')].map((one) => one.textContent);
    expect(names.join()).not.toContain('Sift');
    expect(names.join()).not.toContain('Dip');
    expect(page.words()).toContain('granulated sugar, level');
  });

  it('takes a real cup, says what it looks like, and keeps it as a trial of the hand', () => {
    const { store, tries } = practiceWith();
    const dispatched = spyOn(store, 'dispatch').and.callThrough();
    const page = new Acting(FillPage);
    page.click('My own cup and scale');
    const type = (text: string): void => {
      const field = page.field('yg-own-cup input');
      field.value = text;
      field.dispatchEvent(new Event('input'));
      page.click('Add weight');
    };
    type('nothing');
    expect(page.words()).toContain('Write the weight of what is in it');
    type('138');
    expect(page.words()).toContain('That is what it weighs dipped (1');
    type('126');
    expect(page.words()).toContain('Good:');
    expect(tries().length).toBe(2);
    page.click('Save these 2 fills as trials of Grebe');
    const trials = dispatched.calls
      .allArgs()
      .map(([action]) => action as unknown as { type: string; draft?: { grams: number } })
      .filter(({ type: of }) => of === '[Trials] Trial made');
    expect(trials.map(({ draft }) => draft!.grams)).toEqual([138, 126]);
    expect(page.words()).toContain('2 trials saved.');
  });

  it('does not make trials of what the simulated scale shows', () => {
    practiceWith();
    const page = new Acting(FillPage);
    page.click('My own cup and scale');
    (
      page.fixture.componentInstance as unknown as {
        recordOwn(fill: { grams: number; source: string; isReal: boolean }): void;
      }
    ).recordOwn({ grams: 126, source: 'scale', isReal: false });
    page.fixture.detectChanges();
    expect(page.words()).not.toContain('Save this fill');
  });

  it('asks for a hand before it makes trials', () => {
    practiceWith({ handId: null, hands: [] });
    expect(TestBed.inject(Store)).toBeDefined();
    const page = new Acting(FillPage);
    page.click('My own cup and scale');
    const field = page.field('yg-own-cup input');
    field.value = '126';
    field.dispatchEvent(new Event('input'));
    page.click('Add weight');
    expect(page.words()).toContain('add a person');
  });

  it('spoons for as long as it is held, and stops wherever it is let go', () => {
    practiceWith();
    jasmine.clock().install();
    try {
      const page = new Acting(FillPage);
      const spoon = page.button(/^Spoon in/);
      spoon.dispatchEvent(new PointerEvent('pointerdown', { button: 0 }));
      jasmine.clock().tick(1500);
      page.fixture.detectChanges();
      expect(page.words()).toMatch(/The cup is about (half|three quarters|a quarter) full/);
      window.dispatchEvent(new PointerEvent('pointerup'));
      page.fixture.detectChanges();
      const before = page.words();
      jasmine.clock().tick(3000);
      page.fixture.detectChanges();
      expect(page.words()).toBe(before);
    } finally {
      jasmine.clock().uninstall();
    }
  });
});

describe('the drawing of a measure', () => {
  const task = {
    ingredient: BUILT_IN_SHELF.ingredient('flour-wheat-all-purpose')!,
    form: null,
    method: 'spooned',
    millilitres: 236.5882365,
    size: 'cup',
  } as const;
  const shape = measureShape('cup');
  const after = (...acts: readonly FillAct[]) =>
    acts.reduce(fillBy, startFilling(task, { ...randomFrom(1), normal: () => 0 })!);
  const spoon = (millilitres: number): FillAct => ({ do: 'spoon', millilitres });

  it('is empty, fills, heaps, and is cut by the blade', () => {
    expect(contentsPath(after(), shape)).toBeNull();
    expect(heapHeight(after(spoon(236)), shape)).toBe(0);
    expect(heapHeight(after(spoon(300)), shape)).toBeGreaterThan(50);
    expect(heapHeight(after(spoon(300), { do: 'sweep', degrees: 0 }), shape)).toBe(0);
    const slanted = contentsPath(after(spoon(300), { do: 'sweep', degrees: 6 }), shape)!;
    expect(slanted).not.toBe(contentsPath(after(spoon(300), { do: 'sweep', degrees: 0 }), shape)!);
    expect(contentsPath(after(spoon(300)), measureShape('tbsp'))).not.toMatch(/NaN/);
  });

  it('shows more specks the denser it lies', () => {
    const loose = specksOf(after({ do: 'stir' }, spoon(300)), shape).length;
    const press: FillAct = { do: 'press' };
    const dense = specksOf(after({ do: 'stir' }, spoon(300), press, press, press), shape).length;
    expect(dense).toBeGreaterThan(loose);
  });

  it('is told in words from empty to heaped', () => {
    const words = [0, 60, 120, 180, 225, 236.6, 255, 295].map((millilitres) =>
      contentsInWords(after(spoon(millilitres))),
    );
    expect(new Set(words).size).toBe(8);
    expect([-12, -2, 0, 2, 12].map(bladeInWords)).toEqual([
      'digs in steeply at its right end',
      'digs in a little at its right end',
      'lies flat',
      'is lifted a little at its right end',
      'is lifted steeply at its right end',
    ]);
  });

  it('leaves chance to the desk', () => {
    practiceWith();
    const desk = TestBed.inject(PracticeDesk);
    expect(desk.random()).toBe(desk.random());
  });
});
