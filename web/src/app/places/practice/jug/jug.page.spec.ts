import { eyeAt, jugOf, levelOf, spoonOf, type JugTask } from '@ypsigram/core/practice';
import { Acting, practiceWith } from '../../../testing/practice';
import { DomeTaskView } from './dome-task';
import { JugPage } from './jug.page';
import { JugPicture } from './jug-picture';
import { JugTaskView } from './jug-task';
import { flowAfter } from './pouring';

const JUG = jugOf(4, 'us-customary');
const task = (change: Partial<JugTask> = {}): JugTask => ({
  kind: 'pour',
  jug: JUG,
  scale: 'ml',
  millilitres: 500,
  eyeHeight: 520,
  tilt: 0,
  ...change,
});
const EYE = 'input[aria-label="Height of your eye"]';
/** Presses of the small button, 2 mL each. */
function pour(view: Acting<JugTaskView>, millilitres: number): void {
  for (let poured = 0; poured < millilitres; poured += 2) view.click('A little more');
}

describe('a jug to pour into', () => {
  it('is good with the eye at the line', () => {
    practiceWith();
    const view = new Acting(JugTaskView, { task: task() });
    const done = jasmine.createSpy('done');
    view.fixture.componentInstance.done.subscribe(done);
    expect(view.words()).toContain('Pour in 500 mL');
    expect(view.words()).toContain('° above the line');
    view.slide(EYE, Math.round(levelOf(JUG, 500)));
    expect(view.words()).toContain('level with the line');
    pour(view, 500);
    view.click('That is the mark');
    expect(view.words()).toContain('Poured just right.');
    expect(view.words()).toContain('From there your eye sees it as it is.');
    expect(done).toHaveBeenCalledOnceWith(jasmine.objectContaining({ isGood: true }));
  });

  it('is short when it was poured by what the eye saw from above, and says so', () => {
    practiceWith();
    const view = new Acting(JugTaskView, { task: task() });
    pour(view, 460);
    expect(view.words()).toContain(
      'looks to be two thirds of the way from the mark of 450 mL to that of 500 mL',
    );
    view.click('That is the mark');
    expect(view.words()).toContain('40 mL too little');
    expect(view.words()).toContain('Your eye was not level with the line');
    expect(view.words()).toMatch(/it looked like 48\d mL, and 460 mL was in it/);
    view.click('What was there');
    expect(view.button('What was there').getAttribute('aria-pressed')).toBe('true');
  });

  it('pours less at a time where little is asked for', () => {
    practiceWith();
    const view = new Acting(JugTaskView, { task: task({ millilitres: 100 }) });
    view.slide(EYE, Math.round(levelOf(JUG, 100)));
    for (let times = 0; times < 100; times++) view.click('A little more');
    view.click('That is the mark');
    expect(view.words()).toContain('Poured just right.');
  });

  it('speaks what the eye sees, and no more', () => {
    practiceWith();
    const view = new Acting(JugTaskView, { task: task({ scale: 'cup', millilitres: 473.176473 }) });
    const spoken = (): string =>
      view.element.querySelector('.visually-hidden')!.textContent.replace(/\s+/g, ' ');
    expect(spoken()).toContain('The jug is empty.');
    pour(view, 400);
    const fromAbove = spoken();
    view.slide(EYE, 48);
    expect(spoken()).not.toBe(fromAbove);
    expect(spoken()).toContain(
      'two thirds of the way from the mark of 1 1/2 cups to that of 1 3/4',
    );
    expect(spoken()).not.toMatch(/\d\.\d/);
  });

  it('on a tilted board can be levelled', () => {
    practiceWith();
    const view = new Acting(JugTaskView, { task: task({ kind: 'tilted', tilt: 5 }) });
    const board = '.board-field input';
    expect(view.field(board).getAttribute('aria-valuetext')).toContain('right side lower');
    view.slide(board, 0);
    expect(view.field(board).getAttribute('aria-valuetext')).toBe('level');
  });

  it('is read in the unit of its scale, and a slip of the pen loses nothing', () => {
    practiceWith();
    const read = task({ kind: 'read', scale: 'cup', millilitres: 1.75 * 236.5882365 });
    const view = new Acting(JugTaskView, { task: read });
    view.submit('form', 'plenty');
    expect(view.words()).toContain('Write what you read, in cups.');
    view.submit('form', '300');
    expect(view.words()).toContain('The jug’s highest mark is 4 cups. You read cups.');
    view.submit('form', '1 3/4');
    expect(view.words()).toContain('Read just right.');
  });

  it('starts anew with another task', () => {
    practiceWith();
    const view = new Acting(JugTaskView, { task: task() });
    pour(view, 100);
    view.click('That is the mark');
    view.fixture.componentRef.setInput('task', task({ millilitres: 300 }));
    view.fixture.detectChanges();
    expect(view.words()).toContain('Pour in 300 mL');
    expect(view.button('That is the mark').disabled).toBe(true);
  });
});

describe('a spoon to fill', () => {
  const dome = { kind: 'dome', unit: 'tbsp', spoon: spoonOf(14.78676478125) } as const;

  it('is right with a slight dome, and runs over above the highest', () => {
    practiceWith();
    const view = new Acting(DomeTaskView, { task: dome });
    const drip = (): void => {
      view.button(/^Drip in/).dispatchEvent(new MouseEvent('click', { detail: 0 }));
      view.fixture.detectChanges();
    };
    expect(view.words()).toContain('The spoon is empty.');
    for (let times = 0; times < 30; times++) drip();
    expect(view.words()).toContain('a slight dome');
    for (let times = 0; times < 8; times++) drip();
    expect(view.words()).toContain('It ran over once.');
    for (let times = 0; times < 4; times++) view.click('Shake a bit off');
    view.click('That is full');
    expect(view.words()).toContain('that is right');
  });

  it('that is not full says to fill it to the rim', () => {
    practiceWith();
    const view = new Acting(DomeTaskView, { task: dome });
    view.click('Three drops more');
    view.click('That is full');
    expect(view.words()).toContain('reaches the rim all round');
  });
});

describe('the page of jugs', () => {
  it('writes down what was poured, and draws another', () => {
    const { tries } = practiceWith();
    const page = new Acting(JugPage, { kind: 'pour' });
    page.click('A little more');
    page.click('That is the mark');
    expect(tries()[0]!.skill).toEqual({ kind: 'jug', task: 'pour' });
    expect(tries()[0]!.isGood).toBe(false);
    page.click('Another one');
    expect(page.button('That is the mark').disabled).toBe(true);
  });

  it('has every exercise, and takes an unknown one for the first', () => {
    practiceWith();
    const page = new Acting(JugPage, { kind: 'juggle' });
    expect(page.element.querySelectorAll('nav a').length).toBe(5);
    expect(page.element.querySelector('nav [aria-current]')?.textContent).toContain(
      'Pour to a mark',
    );
    page.fixture.componentRef.setInput('kind', 'dome');
    page.fixture.detectChanges();
    expect(page.words()).toMatch(/Fill 1 (tbsp|tsp)/);
  });
});

describe('the picture of a jug', () => {
  it('has a mark for every step, those that are asked for standing out', () => {
    const view = {
      jug: JUG,
      eye: eyeAt(60),
      millilitres: 500,
      tilt: 0,
      isSlanted: false,
      facing: 'cup',
    };
    const picture = new Acting(JugPicture, { view, scale: 'cup', cup: 236.588, ounce: 29.5735 });
    const strokes = picture.element.querySelector('.mark.asked')!.getAttribute('d')!;
    expect(strokes.split('M').length - 1).toBe(16);
    const figures = [...picture.element.querySelectorAll('text.asked')].map((text) =>
      text.textContent.trim(),
    );
    expect(figures).toEqual(['1/2', '1', '1 1/2', '2', '2 1/2', '3', '3 1/2', '4']);
    expect(picture.element.innerHTML).not.toContain('NaN');
  });

  it('pours slowly at first, and never backwards', () => {
    const flows = [0, 0.4, 0.8, 1.6, 5].map(flowAfter);
    expect([...flows].sort((a, b) => a - b)).toEqual(flows);
    expect(flows[0]).toBeGreaterThan(0);
    expect(flows[3]).toBe(flows[4]!);
  });
});
