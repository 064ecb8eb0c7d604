import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { bakeOf, benchWith, type FakeScale } from '../../../testing/bake';
import { BenchSession } from '../work/bench-session';
import { PortionsPanel } from './portions-panel';

describe('dividing the dough', () => {
  let fixture: ComponentFixture<PortionsPanel>;
  let session: BenchSession;
  let scale: FakeScale;

  const open = (doughGrams: number): HTMLElement => {
    ({ scale } = benchWith(bakeOf('fill'), BenchSession));
    scale.status.set('off');
    session = TestBed.inject(BenchSession);
    fixture = TestBed.createComponent(PortionsPanel);
    fixture.componentRef.setInput('doughGrams', doughGrams);
    fixture.detectChanges();
    return fixture.nativeElement as HTMLElement;
  };
  const words = (): string =>
    (fixture.nativeElement as HTMLElement).textContent.replace(/\s+/g, ' ');
  const press = (name: string): void => {
    const buttons = [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')];
    buttons.find((button) => button.textContent.includes(name))!.click();
    fixture.detectChanges();
  };
  const fill = (element: HTMLElement, selector: string, text: string): void => {
    const field = element.querySelector<HTMLInputElement>(selector)!;
    field.value = text;
    field.dispatchEvent(new Event('change'));
    fixture.detectChanges();
  };

  it('goes by the pieces of the recipe until something else is said', () => {
    open(610);
    expect(words()).toContain('12 × 50 g');
    expect(words()).toContain('10.0 g left. Pinch it onto the others.');
  });

  it('is told how many, or how heavy', () => {
    const element = open(610);
    fill(element, 'input.short', '10');
    expect(words()).toContain('10 × 61 g');
    fill(element, 'input.short', 'many');
    expect(element.querySelector('.problem')?.textContent).toContain('how many pieces');
    session.do({ do: 'divide', pieces: null, gramsEach: 90 });
    fixture.detectChanges();
    expect(words()).toContain('6 × 90 g');
    expect(words()).toContain('It makes one small piece more.');
  });

  it('ticks pieces off and takes one back', () => {
    open(600);
    press('Piece 1: 50 g');
    press('Piece 2: 50 g');
    expect(session.state()?.pieces.map(({ grams }) => grams)).toEqual([50, 50]);
    press('Take back one');
    expect(words()).toContain('Piece 2: 50 g');
  });

  it('counts down from the tared bowl, and keeps what was really taken out', () => {
    const element = open(600);
    scale.status.set('live');
    const out = element.querySelector<HTMLInputElement>('.check input')!;
    out.click();
    fixture.detectChanges();
    expect(words()).toContain('Piece 1: -50 g');
    scale.shows(-52);
    press('Piece 1');
    scale.shows(-101);
    press('Piece 2: -100 g');
    expect(session.state()?.pieces.map(({ grams }) => grams)).toEqual([52, 49]);
  });

  it('takes the weight of the bowl off', () => {
    const element = open(0);
    expect(words()).toContain('Weigh the dough, or fill the tray first.');
    const panel = fixture.componentInstance as unknown as {
      bowlGrams: { set(grams: number): void };
      weigh(text: string): void;
    };
    panel.bowlGrams.set(312);
    panel.weigh('912');
    expect(session.state()?.doughGrams).toBe(600);
    panel.weigh('heavy');
    fixture.detectChanges();
    expect(element.querySelector('.problem')?.textContent).toContain('what the dough weighs');
  });
});
