import { TestBed } from '@angular/core/testing';
import { Beam } from './beam';

describe('Beam', () => {
  const draw = (gap: number | null): HTMLElement => {
    const fixture = TestBed.createComponent(Beam);
    fixture.componentRef.setInput('gap', gap);
    fixture.componentRef.setInput('tolerance', 0.03);
    fixture.detectChanges();
    return fixture.nativeElement as HTMLElement;
  };

  it('speaks to those who do not see it', () => {
    expect(draw(0.01).querySelector('svg')?.getAttribute('aria-label')).toContain(
      'Tips to measure',
    );
  });

  it('says "out" in a word, not by colour alone', () => {
    expect(draw(0.05).textContent).toContain('out');
    expect(draw(0.02).textContent).not.toContain('out');
  });

  it('lowers the measure pan when measure is heavier', () => {
    const y = (element: HTMLElement, pan: string): number =>
      Number(/ ([\d.]+)\)/.exec(element.querySelector(pan)!.getAttribute('transform')!)![1]);
    const heavy = draw(0.03);
    expect(y(heavy, '.cup')).toBeGreaterThan(y(heavy, '.weight'));
  });
});
