import { TestBed } from '@angular/core/testing';
import type { Bake } from '@ypsigram/contract';
import { bakeOf, benchWith, flourLine } from '../../../testing/bake';
import { BenchSession } from '../work/bench-session';
import { EveningPanel } from './evening-panel';
import { MorningPanel } from './morning-panel';

const butter = flourLine({
  id: 'butter',
  index: 2,
  name: 'Butter',
  written: '1/2 cup butter, softened',
  ingredientId: 'butter',
  class: 'solid-fat',
  role: 'fat',
  keeps: 'cool',
});
const starter = flourLine({
  id: 'starter',
  index: 4,
  name: 'Sourdough starter',
  written: '100 g starter',
  ingredientId: 'sourdough-starter',
  class: 'paste',
  keeps: 'live',
});
const milk = flourLine({
  id: 'milk',
  index: 3,
  name: 'Whole milk',
  written: '1 cup milk',
  ingredientId: 'milk-whole',
  class: 'liquid',
  role: 'liquid',
  keeps: 'fridge',
});

function bakeWithMilk(): Bake {
  const bake = bakeOf('container');
  const lines = [...bake.plan.lines, butter, milk, starter].map((line) => ({
    ...line,
    route: 'container' as const,
  }));
  const bowls = [{ section: null, lines: lines.map(({ id }) => id) }];
  return { ...bake, plan: { ...bake.plan, lines, bowls } };
}

describe('the evening before', () => {
  const open = () => {
    benchWith(bakeWithMilk(), BenchSession);
    const fixture = TestBed.createComponent(EveningPanel);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const boxes = [...element.querySelectorAll<HTMLInputElement>('input[type=checkbox]')];
    return { fixture, element, boxes, session: TestBed.inject(BenchSession) };
  };

  it('chooses what can be done, and holds back what can’t with the reason', () => {
    const { boxes, element } = open();
    expect(boxes.map(({ checked }) => checked)).toEqual([true, true, true, true, false]);
    expect(boxes[4]!.disabled).toBeTrue();
    expect(element.textContent).toContain('no more than 2 hours at room temperature');
    expect(element.textContent).toContain('Wrap it and put it in the fridge.');
  });

  it('puts only what was chosen before the baker, and says when it is done', () => {
    const { boxes, element, fixture, session } = open();
    for (const at of [1, 3]) boxes[at]!.click();
    fixture.detectChanges();
    element.querySelector<HTMLButtonElement>('.btn-primary')!.click();
    expect(session.state()?.isEvening).toBeTrue();
    expect(session.toDo().map(({ line }) => line.id)).toEqual(['flour', 'butter']);
    session.do({ do: 'weigh', route: 'container', line: 'flour', grams: 250, scale: 's' });
    session.do({ do: 'weigh', route: 'container', line: 'butter', grams: 250, scale: 's' });
    expect(session.toDo()).toEqual([]);
  });
});

describe('the morning after', () => {
  const open = () => {
    benchWith(bakeWithMilk(), BenchSession);
    const session = TestBed.inject(BenchSession);
    const startAt = new Date(2026, 2, 15, 8, 0).toISOString();
    session.do({ do: 'tonight', lines: ['flour', 'butter'], startAt });
    for (const line of ['flour', 'butter']) {
      session.do({ do: 'weigh', route: 'container', line, grams: 250, scale: 's' });
      session.do({ do: 'cover', line, isCovered: true });
    }
    const fixture = TestBed.createComponent(MorningPanel);
    fixture.detectChanges();
    return { fixture, session, element: fixture.nativeElement as HTMLElement };
  };

  it('lists what was covered, and what comes out of the fridge when', () => {
    const { element } = open();
    const text = element.textContent.replace(/\s+/g, ' ');
    expect(text).toContain('for a start at 08:00');
    expect(text).toContain('07:00 Butter, to soften, in pieces.');
    expect(text).toContain('250 g, from the fridge');
    expect(element.querySelectorAll('li').length).toBe(2);
  });

  it('goes on with the rest once all of it is there', () => {
    const { element, session } = open();
    element.querySelector<HTMLButtonElement>('.btn-primary')!.click();
    expect(session.state()?.isEvening).toBeFalse();
    expect(session.inOrder().filter(({ isChecked }) => isChecked).length).toBe(2);
    expect(session.toDo().map(({ line }) => line.id)).toEqual(['salt', 'milk', 'starter']);
  });

  it('lets a container be done again that is not right', () => {
    const { element, session } = open();
    element.querySelector<HTMLButtonElement>('li .btn-quiet')!.click();
    expect(session.inOrder()[0]?.fullness).toBe('empty');
  });
});
