import { readUsualLine, usualBatch } from '../../../testing/read';
import { DeferBlockBehavior, TestBed, type ComponentFixture } from '@angular/core/testing';
import { signal } from '@angular/core';
import { provideRouter } from '@angular/router';
import { Fraction } from '@ypsigram/core/amount';
import type { SentLineAnswer } from '@ypsigram/contract';
import { planLine, type Advice } from '@ypsigram/core/batch';
import { questionsOf } from '@ypsigram/core/conversion';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { LedgerLine } from './ledger-line';

describe('LedgerLine', () => {
  beforeEach(() =>
    TestBed.configureTestingModule({
      providers: [provideRouter([])],
      deferBlockBehavior: DeferBlockBehavior.Playthrough,
    }),
  );

  /** Opens what can be changed, and waits for what comes with it. */
  async function edit(fixture: ComponentFixture<LedgerLine>): Promise<HTMLButtonElement> {
    const button = (fixture.nativeElement as HTMLElement).querySelector<HTMLButtonElement>(
      '.edit',
    )!;
    button.click();
    fixture.detectChanges();
    await fixture.whenStable();
    fixture.detectChanges();
    return button;
  }

  function open(written: string, factor = '1'): ComponentFixture<LedgerLine> {
    const line = readUsualLine(written);
    const batch = usualBatch({ factor: new Fraction(factor) });
    const fixture = TestBed.createComponent(LedgerLine);
    fixture.componentRef.setInput('line', line);
    fixture.componentRef.setInput('plan', planLine(line, 'us-customary', batch));
    fixture.componentRef.setInput('standard', 'us-customary');
    fixture.componentRef.setInput('shelf', BUILT_IN_SHELF);
    fixture.componentRef.setInput('index', 3);
    fixture.componentRef.setInput('drawer', batch.drawer);
    fixture.detectChanges();
    return fixture;
  }
  const text = (fixture: ComponentFixture<LedgerLine>): string =>
    (fixture.nativeElement as HTMLElement).textContent!.replace(/\s+/g, ' ');

  it('shows what was written, meant, measured and weighed', () => {
    const shown = text(open('2 cups sifted flour', '3/2'));
    for (const part of [
      '2 cups sifted flour',
      '345 g',
      '319 to 371 g',
      'from tables',
      '3 cups',
      'level',
    ]) {
      expect(shown).withContext(part).toContain(part);
    }
  });

  it('opens what can be changed, with the keyboard in it, and gives it back', async () => {
    const fixture = open('2 cups flour');
    const host = fixture.nativeElement as HTMLElement;
    expect(host.querySelector('.edit')!.getAttribute('aria-expanded')).toBe('false');
    const button = await edit(fixture);
    expect(button.getAttribute('aria-expanded')).toBe('true');
    expect(host.querySelector('.detail')!.contains(document.activeElement)).toBeTrue();
    expect(document.activeElement).toBe(host.querySelector('select.method'));
    const escape = new KeyboardEvent('keydown', { key: 'Escape', bubbles: true });
    document.activeElement!.dispatchEvent(escape);
    fixture.detectChanges();
    expect(host.querySelector('.detail')).toBeNull();
    expect(document.activeElement).toBe(button);
  });

  it('tells what its weight rests on once it is opened', async () => {
    const fixture = open('2 cups flour');
    await edit(fixture);
    expect(text(fixture)).toContain('Source: public food table, no. 20081.');
    expect(text(fixture)).toContain('tamped313 g');
  });

  it('passes a chosen method on', async () => {
    const fixture = open('2 cups flour');
    await edit(fixture);
    const chosen: string[] = [];
    fixture.componentInstance.methodChosen.subscribe((method) => chosen.push(method));
    const select = (fixture.nativeElement as HTMLElement).querySelector('select')!;
    select.value = 'dipped';
    select.dispatchEvent(new Event('change'));
    expect(chosen).toEqual(['dipped']);
  });

  it('gives no grams to what is not known', () => {
    const shown = text(open('1 cup dragonfruit powder', '2'));
    expect(shown).toContain('unknown');
    expect(shown).toContain('2 cups as written');
    expect(shown).not.toMatch(/\d g\b/);
  });

  it('says what would mend it, and passes that on', () => {
    const fixture = open('2 cups flour');
    const advice: Advice = {
      line: 3,
      gap: 0.1,
      tolerance: 0.03,
      mend: 'method',
      method: 'dipped',
      gapThen: 0.01,
    };
    fixture.componentRef.setInput('advice', advice);
    fixture.detectChanges();
    const mended: Advice[] = [];
    fixture.componentInstance.mended.subscribe((one) => mended.push(one));
    expect(text(fixture)).toContain('10.0 % over. Fill it dipped: then it is 1.0 % off.');
    (fixture.nativeElement as HTMLElement)
      .querySelector<HTMLButtonElement>('.mend button')!
      .click();
    expect(mended).toEqual([advice]);
  });

  it('draws what it is told to while the batch is dragged, and writes what is planned', () => {
    const fixture = open('2 cups flour');
    const drawn = (): string =>
      (fixture.nativeElement as HTMLElement).querySelector('yg-fills')!.textContent!;
    const now = drawn();
    const batch = usualBatch({ factor: new Fraction('1/8') });
    const before = planLine(readUsualLine('2 cups flour'), 'us-customary', batch);
    fixture.componentRef.setInput('pictured', before);
    fixture.detectChanges();
    expect(drawn()).not.toBe(now);
    expect(text(fixture)).toContain('2 cups');
    fixture.componentRef.setInput('pictured', undefined);
    fixture.detectChanges();
    expect(drawn()).toBe(now);
  });

  it('says nothing of columns that agree, and draws a beam where they do not', () => {
    expect(open('2 cups flour').nativeElement.querySelector('yg-beam')).toBeNull();
    expect(text(open('2 cups flour'))).toContain('level');
    expect(open('131 g flour').nativeElement.querySelector('yg-beam')).not.toBeNull();
  });

  it('says why it is filled as it is, and what it said before', () => {
    const fixture = open('2 cups flour');
    fixture.componentRef.setInput('why', [{ is: 'hand', hand: 'Grebe', heavier: 0.11 }]);
    fixture.componentRef.setInput('moved', { measure: '2 1/4 cups', weight: null });
    fixture.detectChanges();
    expect(text(fixture)).toContain('Grebe fills 11 % heavier');
    expect(text(fixture)).toContain('was 2 1/4 cups');
  });

  it('asks what is open on it, and passes the answer on', () => {
    const fixture = open('1 cup (60 g) flour');
    const line = readUsualLine('1 cup (60 g) flour');
    const questions = questionsOf(line, 'us-customary', BUILT_IN_SHELF).filter(
      ({ choices }) => choices.length > 1,
    );
    fixture.componentRef.setInput('open', { line: 3, is: 'question', questions });
    fixture.detectChanges();
    const answers: SentLineAnswer[] = [];
    fixture.componentInstance.answered.subscribe((answer) => answers.push(answer));
    const choices = (fixture.nativeElement as HTMLElement).querySelectorAll<HTMLButtonElement>(
      '.asked .answer',
    );
    expect(choices.length).toBeGreaterThan(1);
    // In the batch at hand, as the line itself.
    fixture.componentRef.setInput('factor', signal(2));
    fixture.detectChanges();
    expect(choices[0]!.querySelector('b')!.textContent).toBe('120 g');
    choices[1]!.click();
    expect(answers.map(({ note }) => note)).toEqual([
      questions[0]!.note.code as SentLineAnswer['note'],
    ]);
  });

  it('shows how to fill it with the method at hand', async () => {
    const fixture = open('2 cups flour');
    await edit(fixture);
    expect(text(fixture)).toContain('heaped with a spoon');
    expect(text(fixture)).toContain('Raw flour is not safe to taste.');
  });
});
