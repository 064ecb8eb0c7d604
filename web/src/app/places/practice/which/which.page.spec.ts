import { USUAL_KITCHEN } from '@ypsigram/contract';
import { randomFrom } from '@ypsigram/core/chance';
import { drawQuestion, type PracticeQuestion, type Topic } from '@ypsigram/core/practice';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { kitchenActions } from '../../../state/kitchen/kitchen.actions';
import { Acting, practiceWith } from '../../../testing/practice';
import { QuestionTask } from './question-task';
import { WhichPage } from './which.page';

const question = (topic: Topic, seed = 3): PracticeQuestion =>
  drawQuestion(topic, {
    shelf: BUILT_IN_SHELF,
    standard: 'us-customary',
    random: randomFrom(seed),
  })!;

function answering(of: PracticeQuestion) {
  practiceWith();
  const view = new Acting(QuestionTask, { question: of });
  const done = jasmine.createSpy('done');
  view.fixture.componentInstance.done.subscribe(done);
  const choices = (): HTMLButtonElement[] => [
    ...view.element.querySelectorAll<HTMLButtonElement>('.choices button'),
  ];
  const choose = (at: number): void => {
    choices()[at]!.click();
    view.fixture.detectChanges();
  };
  return { view, done, choices, choose };
}

describe('a question', () => {
  it('is answered once, and explains itself with figures and a way to the Shelf', () => {
    const of = question('heavier');
    if (of.topic !== 'heavier') throw new Error('heavier');
    const { view, done, choose } = answering(of);
    choose(of.right);
    choose((of.right + 1) % 4);
    expect(done).toHaveBeenCalledOnceWith({ isRight: true, off: null });
    expect(view.words()).toContain('Right.');
    expect(view.words()).toContain(' g.');
    expect(view.element.querySelector('a[href^="/ingredients/"]')).not.toBeNull();
  });

  it('that was answered wrong shows what is right, in words too', () => {
    const of = question('tablespoons');
    if (of.topic !== 'tablespoons') throw new Error('tablespoons');
    const { view, done, choices, choose } = answering(of);
    const wrong = (of.right + 1) % of.choices.length;
    choose(wrong);
    expect(done).toHaveBeenCalledOnceWith({ isRight: false, off: null });
    expect(choices()[wrong]!.textContent).toContain('yours');
    expect(choices()[of.right]!.textContent).toContain('right');
    expect(view.words()).toContain('Not this one.');
    expect(view.element.querySelector('a[href="/kitchen/tools"]')).not.toBeNull();
  });

  it('is answered by the number of a choice', () => {
    const of = question('wording');
    if (of.topic !== 'wording') throw new Error('wording');
    const { view, done } = answering(of);
    document.dispatchEvent(new KeyboardEvent('keydown', { key: String(of.right + 1) }));
    view.fixture.detectChanges();
    expect(done).toHaveBeenCalledOnceWith({ isRight: true, off: null });
  });

  it('of an order is answered cup by cup, and can be started over', () => {
    const of = question('order');
    if (of.topic !== 'order') throw new Error('order');
    const { view, done, choose } = answering(of);
    choose(of.right[3]!);
    view.click('Start over');
    for (const at of of.right) choose(at);
    expect(done).toHaveBeenCalledOnceWith({ isRight: true, off: null });
  });

  it('of an estimate takes a figure, and says how far off it is', () => {
    const of = question('estimate');
    if (of.topic !== 'estimate') throw new Error('estimate');
    const { view, done } = answering(of);
    view.submit('form', 'a lot');
    expect(view.words()).toContain('Write how many grams.');
    view.submit('form', (of.right * 1.25).toFixed(1));
    expect(view.words()).toContain('Not near enough: +25 %.');
    const said = done.calls.mostRecent().args[0] as { isRight: boolean; off: number };
    expect(said.isRight).toBe(false);
    expect(said.off).toBeCloseTo(0.25, 1);
  });

  it('about a scale draws it, and a technique comes with its card', () => {
    const scale = question('scale');
    if (scale.topic !== 'scale') throw new Error('scale');
    const { view } = answering(scale);
    expect(view.element.querySelector('svg[role=img]')!.getAttribute('aria-label')).toContain(
      scale.shown,
    );
    view.fixture.componentRef.setInput('question', question('technique'));
    view.fixture.detectChanges();
    view.element.querySelector<HTMLButtonElement>('.choices button')!.click();
    view.fixture.detectChanges();
    expect(view.words()).toContain('How it is filled');
  });
});

describe('the page of questions', () => {
  it('asks about one topic, writes down the answer, and asks again', () => {
    const { tries } = practiceWith();
    const page = new Acting(WhichPage, { topic: 'tool' });
    expect(page.words()).toContain('a dry cup or a jug?');
    expect(page.words()).toContain('Not asked yet.');
    page.click(/In a jug$/);
    expect(tries()[0]!.skill).toEqual({ kind: 'question', topic: 'tool' });
    expect(page.words()).toMatch(/[01] of 1 right so far\./);
    page.click('Next question');
    expect(page.element.querySelector('.verdict')).toBeNull();
  });

  it('leaves a question alone when the kitchen is changed on another device', () => {
    const { store } = practiceWith();
    const page = new Acting(WhichPage, { topic: 'heavier' });
    const asked = page.element.querySelector('h2')!.textContent;
    document.dispatchEvent(new KeyboardEvent('keydown', { key: '2' }));
    const kitchen = { ...USUAL_KITCHEN, revision: USUAL_KITCHEN.revision + 1, ingredients: [] };
    store.dispatch(kitchenActions.kitchenRefreshed({ kitchen }));
    page.fixture.detectChanges();
    expect(page.element.querySelector('h2')!.textContent).toBe(asked);
    expect(page.words()).toMatch(/Right\.|Not this one\./);
  });

  it('asks nothing before the kitchen is there, and from the built-in Shelf if it can’t be had', () => {
    const { store } = practiceWith(null);
    const page = new Acting(WhichPage, { topic: 'tool' });
    expect(page.element.querySelector('yg-question-task')).toBeNull();
    expect(page.words()).not.toContain('too little to ask');
    store.dispatch(kitchenActions.kitchenNotLoaded({ problem: 'The server can’t be reached.' }));
    page.fixture.detectChanges();
    expect(page.words()).toContain('a dry cup or a jug?');
  });

  it('asks about everything where no topic is named', () => {
    practiceWith();
    const page = new Acting(WhichPage);
    expect(page.element.querySelector('nav [aria-current]')?.textContent).toContain('All');
    expect(page.element.querySelectorAll('nav a').length).toBe(10);
  });
});
