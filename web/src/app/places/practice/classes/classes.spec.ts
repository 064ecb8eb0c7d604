import type { House } from '@ypsigram/contract/house';
import { TestBed } from '@angular/core/testing';
import { HttpErrorResponse } from '@angular/common/http';
import { Router } from '@angular/router';
import { of, throwError } from 'rxjs';
import type {
  BakingClass,
  ClassDraft,
  ClassEvent,
  ClassResultRecord,
} from '@ypsigram/contract/practice';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { Acting, practiceWith } from '../../../testing/practice';
import { ClassEditor } from './class-editor';
import { ClassPage } from './class.page';
import { ClassRoom } from './class-room';
import { aimOf, taskName } from './class-task';
import { ClassesPage } from './classes.page';
import { JoinPage } from './join.page';
import { QrCode } from '../../../kit/qr-code/qr-code';
import { ClassSheetPage } from './sheet.page';

const ID = '00000000-0000-4000-8000-0000000000c1';
const TASK = {
  id: '00000000-0000-4000-8000-0000000000c2',
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  method: 'spooned',
  tool: '1 cup',
  millilitres: 236.5882365,
  grams: 125,
  tolerance: 0.06,
} as const;
const result = (number: number, name: string, grams: number): ClassResultRecord => ({
  id: `00000000-0000-4000-8000-00000000010${number}`,
  taskId: TASK.id,
  name,
  grams,
  at: '2026-03-14T09:30:00.000Z',
});
const classOf = (...results: ClassResultRecord[]): BakingClass => ({
  id: ID,
  code: 'ACDE',
  name: 'Towpath morning',
  createdAt: '2026-03-14T09:00:00.000Z',
  tasks: [TASK],
  results,
});

/** A stream that a spec speaks into. */
class FakeStream extends EventTarget {
  static latest: FakeStream;
  readonly close = jasmine.createSpy('close');
  readonly readyState = 1;
  constructor() {
    super();
    FakeStream.latest = this;
  }
  open(): void {
    this.dispatchEvent(new Event('open'));
  }
  say(event: ClassEvent): void {
    this.dispatchEvent(new MessageEvent('class', { data: JSON.stringify(event) }));
  }
}

describe('a class under way', () => {
  let real: typeof EventSource;
  beforeEach(() => {
    real = window.EventSource;
    window.EventSource = FakeStream as unknown as typeof EventSource;
  });
  afterEach(() => {
    window.EventSource = real;
  });

  function opened(now: BakingClass, addresses: readonly string[] = []) {
    const { api, house } = practiceWith();
    api.readClass.and.returnValue(of(now));
    house.read.and.returnValue(of({ addresses } as House));
    const page = new Acting(ClassPage, { id: ID });
    FakeStream.latest.open();
    page.fixture.detectChanges();
    return { api, page };
  }

  it('shows its code, its task and what everybody weighed', () => {
    const { page } = opened(classOf(result(1, 'Teal', 128), result(2, 'Coot', 139)));
    expect(page.words()).toContain('ACDE');
    expect(page.words()).toContain('1 cup all-purpose wheat flour, spooned (2)');
    expect(page.words()).toContain('Target 125 g ± 6 %');
    expect(page.words()).toContain('1 of 2 good. Mean 134 g');
    expect(page.words()).toMatch(/Coot\s*139 g\s*\+11\.2 %, off\s*That is what it weighs dipped/);
    expect(page.element.querySelector('yg-picture')).not.toBeNull();
  });

  it('takes in what comes while somebody looks, and what is taken back', () => {
    const { page } = opened(classOf());
    expect(page.words()).toContain('Nobody has weighed this yet.');
    FakeStream.latest.say({ event: 'result', result: result(1, 'Wigeon', 126) });
    page.fixture.detectChanges();
    expect(page.words()).toContain('Wigeon');
    FakeStream.latest.say({ event: 'result', result: result(1, 'Wigeon', 126) });
    page.fixture.detectChanges();
    expect(page.element.querySelectorAll('.results li').length).toBe(1);
    FakeStream.latest.say({ event: 'taken-back', id: result(1, '', 0).id });
    page.fixture.detectChanges();
    expect(page.element.querySelectorAll('.results li').length).toBe(0);
  });

  it('writes down somebody at this scale, once there are a name and a weight', () => {
    const { api, page } = opened(classOf());
    api.addResult.and.callFake((_class, id, draft) => of({ ...draft, id } as ClassResultRecord));
    page.submit('section form', '', '131');
    expect(page.words()).toContain('Write a name first');
    page.submit('section form', 'Plover', 'heavy');
    expect(page.words()).toContain('Write the weight in grams');
    page.submit('section form', 'Plover', '131,5');
    expect(api.addResult.calls.mostRecent().args[2]).toEqual(
      jasmine.objectContaining({ name: 'Plover', grams: 131.5, taskId: TASK.id }),
    );
    expect(page.words()).toContain('Plover');
  });

  it('is joined by QR code only where another device reaches it', () => {
    const alone = opened(classOf());
    expect(alone.page.words()).toContain('No other device comes in yet');
    TestBed.resetTestingModule();
    const { page } = opened(classOf(), ['https://192.0.2.7:4311']);
    expect(page.words()).toContain('https://192.0.2.7:4311/join/ACDE');
    expect(page.element.querySelector('yg-qr-code')).not.toBeNull();
  });

  it('is removed for good after one more question', () => {
    const { api, page } = opened(classOf(result(1, 'Teal', 128)));
    api.removeClass.and.returnValue(of(undefined));
    const navigate = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    page.click('Remove class');
    expect(page.words()).toContain('All names and 1 result go for good.');
    page.click('Keep it');
    expect(api.removeClass).not.toHaveBeenCalled();
    page.click('Remove class');
    page.click('Remove for good');
    expect(api.removeClass).toHaveBeenCalledOnceWith(ID);
    expect(navigate).toHaveBeenCalledWith(['/practice/classes']);
  });

  it('says so when the class is gone', () => {
    const { api } = practiceWith();
    const gone = new HttpErrorResponse({
      status: 404,
      error: { detail: 'There is no such class.' },
    });
    api.readClass.and.returnValue(throwError(() => gone));
    const page = new Acting(ClassPage, { id: ID });
    FakeStream.latest.open();
    page.fixture.detectChanges();
    expect(page.words()).toContain('There is no such class.');
  });

  it('says so when the server is away from the start, and goes on once it is back', () => {
    const { api } = practiceWith();
    api.readClass.and.returnValue(throwError(() => new HttpErrorResponse({ status: 0 })));
    const page = new Acting(ClassPage, { id: ID });
    FakeStream.latest.dispatchEvent(new Event('error'));
    page.fixture.detectChanges();
    expect(page.button('Try again')).toBeTruthy();
    api.readClass.and.returnValue(of(classOf(result(1, 'Teal', 128))));
    FakeStream.latest.open();
    page.fixture.detectChanges();
    expect(page.words()).toContain('Teal');
    expect(() => page.button('Try again')).toThrow();
  });

  it('closes its stream with the page', () => {
    const { page } = opened(classOf());
    const stream = FakeStream.latest;
    page.fixture.destroy();
    expect(stream.close).toHaveBeenCalled();
  });

  it('prints a sheet with its tasks and as many blanks as are wanted', () => {
    const { api } = practiceWith();
    api.readClass.and.returnValue(of(classOf()));
    const sheet = new Acting(ClassSheetPage, { id: ID });
    FakeStream.latest.open();
    sheet.fixture.detectChanges();
    expect(sheet.words()).toContain('Target 125 g ± 6 %');
    expect(sheet.words()).toContain('Spoon it lightly into the cup');
    expect(sheet.element.querySelectorAll('tbody tr').length).toBe(12);
    const lines = sheet.field('input[type=number]');
    lines.value = '5';
    lines.dispatchEvent(new Event('change'));
    sheet.fixture.detectChanges();
    expect(sheet.element.querySelectorAll('tbody tr').length).toBe(5);
  });

  it('is provided to each page anew', () => {
    practiceWith();
    expect(TestBed.inject(ClassRoom, null, { optional: true })).toBeNull();
  });
});

describe('setting a class', () => {
  it('takes tasks with the table’s target and tolerance, to be changed', () => {
    practiceWith();
    const editor = new Acting(ClassEditor, { draft: { name: '', tasks: [] }, act: 'Start' });
    const saved = jasmine.createSpy('saved');
    editor.fixture.componentInstance.saved.subscribe(saved);
    editor.submit('form.add', '', '125', '6');
    expect(editor.words()).toContain('Choose an ingredient first.');
    const flour = BUILT_IN_SHELF.ingredient('flour-wheat-all-purpose')!;
    (editor.fixture.componentInstance as unknown as { pick(of: unknown): void }).pick(flour);
    editor.fixture.detectChanges();
    const [target, within] = [...editor.element.querySelectorAll<HTMLInputElement>('.short')];
    expect([target!.value, within!.value]).toEqual(['125', '6']);
    within!.value = '80';
    editor.element.querySelector<HTMLFormElement>('form.add')!.requestSubmit();
    editor.fixture.detectChanges();
    expect(editor.words()).toContain('up to 50');
    within!.value = '5';
    editor.element.querySelector<HTMLFormElement>('form.add')!.requestSubmit();
    editor.fixture.detectChanges();
    expect(editor.words()).toContain('125 g ± 5 %');
    editor.submit('form.start', '');
    expect(editor.words()).toContain('Give the class a name.');
    editor.submit('form.start', 'Towpath');
    const draft = saved.calls.mostRecent().args[0] as ClassDraft;
    expect(draft.name).toBe('Towpath');
    expect(draft.tasks[0]).toEqual(
      jasmine.objectContaining({ grams: 125, tolerance: 0.05, method: 'spooned', tool: '1 cup' }),
    );
    editor.click(/^Remove the task/);
    expect(editor.words()).toContain('No tasks yet.');
  });

  it('takes the table’s figures for what is left empty', () => {
    practiceWith();
    const editor = new Acting(ClassEditor, { draft: { name: '', tasks: [] }, act: 'Start' });
    const flour = BUILT_IN_SHELF.ingredient('flour-wheat-all-purpose')!;
    (editor.fixture.componentInstance as unknown as { pick(of: unknown): void }).pick(flour);
    editor.fixture.detectChanges();
    editor.submit('form.add', 'all-purpose wheat flour', '', '');
    expect(editor.words()).toContain('125 g ± 6 %');
  });

  it('lists what there is, and starts a new one', () => {
    const { api } = practiceWith();
    const { id, code, name, createdAt } = classOf();
    api.classes.and.returnValue(of([{ id, code, name, createdAt, tasks: 1, people: 2 }]));
    const page = new Acting(ClassesPage);
    expect(page.words()).toMatch(/Towpath morning.*1 task, 2 people/);
  });

  it('names a task as it is said aloud', () => {
    expect(taskName(TASK, BUILT_IN_SHELF)).toBe('1 cup all-purpose wheat flour, spooned');
    expect(taskName({ ...TASK, ingredientId: 'gone' }, BUILT_IN_SHELF)).toContain('gone');
    expect(aimOf({ ...TASK, tolerance: 0.075 })).toBe('125 g ± 7.5 %');
  });

  it('draws a QR code that is not empty, and another for another text', () => {
    const draw = (text: string): string =>
      new Acting(QrCode, { text }).element.querySelector('.ink')!.getAttribute('d')!;
    expect(draw('https://192.0.2.7:4311/join/ACDE').length).toBeGreaterThan(1000);
    expect(draw('a')).not.toBe(draw('b'));
  });
});

describe('joining a class', () => {
  function joined() {
    const { api } = practiceWith();
    const { code, name, tasks } = classOf();
    api.joined.and.returnValue(of({ code, name, tasks }));
    const page = new Acting(JoinPage, { code: 'ACDE' });
    return { api, page };
  }
  const sayName = (page: Acting<JoinPage>, name: string): void => {
    const field = page.field('.fields input');
    field.value = name;
    field.dispatchEvent(new Event('input'));
    page.fixture.detectChanges();
  };

  it('asks for a name and a weight, hands in, and says how near it was', () => {
    const { api, page } = joined();
    api.handIn.and.callFake((_code, id, draft) => of({ ...draft, id } as ClassResultRecord));
    page.submit('section form', '131');
    expect(page.words()).toContain('Write your name first');
    sayName(page, 'Teal');
    page.submit('section form', '131');
    expect(api.handIn.calls.mostRecent().args[0]).toBe('ACDE');
    expect(page.words()).toContain('Good: +4.8 %, within 6 %.');
    expect(page.words()).toContain('1 done');
  });

  it('keeps what could not be sent, and sends it under the same id', () => {
    const { api, page } = joined();
    api.handIn.and.returnValue(throwError(() => new HttpErrorResponse({ status: 0 })));
    sayName(page, 'Teal');
    page.submit('section form', '131');
    const [, first] = api.handIn.calls.mostRecent().args;
    api.handIn.and.callFake((_code, id, draft) => of({ ...draft, id } as ClassResultRecord));
    page.click('Send again');
    expect(api.handIn.calls.mostRecent().args[1]).toBe(first);
    expect(() => page.button('Send again')).toThrow();
  });

  it('asks for the code where there is none, and says when it is wrong', () => {
    const { api } = practiceWith();
    const page = new Acting(JoinPage);
    expect(page.words()).toContain('Join a class');
    page.submit('form', '');
    expect(page.words()).toContain('Type the seven signs of the code.');
    const wrong = new HttpErrorResponse({
      status: 404,
      error: { detail: 'There is no class with this code.' },
    });
    api.joined.and.returnValue(throwError(() => wrong));
    page.fixture.componentRef.setInput('code', 'XXXX');
    page.fixture.detectChanges();
    expect(page.words()).toContain('There is no class with this code.');
  });
});
