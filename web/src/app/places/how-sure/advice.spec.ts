import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Type } from '@angular/core';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import type { ChanceLine, WhereWeighingPays } from '@ypsigram/core/chance';
import { LearnNext } from './learn-next';
import { WeighThese } from './weigh-these';

function shown<T>(component: Type<T>, inputs: Record<string, unknown>): HTMLElement {
  const fixture = TestBed.createComponent(component);
  for (const [name, value] of Object.entries(inputs)) {
    fixture.componentRef.setInput(name, value);
  }
  fixture.detectChanges();
  return fixture.nativeElement as HTMLElement;
}

const routed = (): void => {
  TestBed.configureTestingModule({ providers: [provideRouter([])] });
};

describe('where weighing pays, in words', () => {
  beforeEach(routed);

  const pays = (of: Partial<WhereWeighingPays>): HTMLElement =>
    shown(WeighThese, {
      pays: {
        ingredients: ['honey'],
        weigh: [3],
        goodNow: 0.5,
        goodThen: 0.91,
        isReached: true,
        ...of,
      },
      now: 0.51,
      isFresh: true,
      wanted: 0.9,
      shelf: BUILT_IN_SHELF,
      canUndo: false,
    });

  it('names what to weigh, and the chance before and after', () => {
    const text = pays({}).textContent!.replace(/\s+/g, ' ');
    expect(text).toContain(
      'Weigh the honey; cups and spoons are fine for the rest. 51 → 92 good bakes of 100',
    );
  });

  it('says so when enough bakes are good already', () => {
    const element = pays({ ingredients: [], weigh: [], goodThen: 0.5 });
    expect(element.textContent).toContain('You are there already');
    expect(element.textContent).not.toContain('Weigh these');
  });

  it('says so when it can not be reached', () => {
    expect(pays({ isReached: false }).textContent).toContain('Weighing can’t do more');
    const none = pays({ ingredients: [], weigh: [], isReached: false, goodThen: 0.5 });
    expect(none.textContent).toContain('Weighing more would not help');
  });
});

describe('what to learn, in words', () => {
  beforeEach(routed);

  const lines = [{ index: 3, ingredientId: 'honey' }] as unknown as readonly ChanceLine[];
  const learn = (goodThen: number): HTMLElement =>
    shown(LearnNext, {
      learn: {
        goodNow: 0.5,
        tools: [{ tool: '1 cup', lines: [3], goodThen }],
        hands: [{ hand: { of: 'syrup', method: 'poured' }, lines: [3], goodThen: 0.53 }],
      },
      now: 0.51,
      lines,
      shelf: BUILT_IN_SHELF,
    });

  it('names the tool to calibrate and what to fill a few times more', () => {
    const text = learn(0.6).textContent!;
    expect(text).toContain('Calibrate the 1 cup with water');
    expect(text).toContain('51 → 61');
    expect(text).toContain('Weigh 3 more fills of the honey, poured');
  });

  it('leaves out what would change nothing', () => {
    expect(learn(0.5).textContent).not.toContain('Calibrate');
  });
});
