import { readUsualLine, usualBatch } from '../../../testing/read';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Fraction } from '@ypsigram/core/amount';
import { planLine, type Advice } from '@ypsigram/core/batch';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { LedgerLine } from './ledger-line';

describe('LedgerLine', () => {
  beforeEach(() => TestBed.configureTestingModule({ providers: [provideRouter([])] }));

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

  it('opens its basis and says so', () => {
    const fixture = open('2 cups flour');
    const button = (fixture.nativeElement as HTMLElement).querySelector<HTMLButtonElement>(
      '.rung',
    )!;
    expect(button.getAttribute('aria-expanded')).toBe('false');
    button.click();
    fixture.detectChanges();
    expect(button.getAttribute('aria-expanded')).toBe('true');
    expect(text(fixture)).toContain('Source: public food table, no. 20081.');
    expect(text(fixture)).toContain('tamped313 g');
  });

  it('passes a chosen method on', () => {
    const fixture = open('2 cups flour');
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

  it('shows how to fill it with the method at hand', () => {
    const fixture = open('2 cups flour');
    (fixture.nativeElement as HTMLElement).querySelector<HTMLButtonElement>('.rung')!.click();
    fixture.detectChanges();
    expect(text(fixture)).toContain('heaped with a spoon');
    expect(text(fixture)).toContain('Raw flour is not safe to taste.');
  });
});
