import { TestBed } from '@angular/core/testing';
import { Beam } from './beam';
import { MARK, drawBeam } from './drawing';

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
      'Leans to measure',
    );
  });

  it('says "out" in a word, not by colour alone', () => {
    expect(draw(0.05).textContent).toContain('out');
    expect(draw(0.02).textContent).not.toContain('out');
  });
});

describe('the mark', () => {
  it('is a letter that stands upright, whatever the beam would say', () => {
    const fixture = TestBed.createComponent(Beam);
    fixture.componentRef.setInput('gap', 0.3);
    fixture.componentRef.setInput('tolerance', 0.03);
    fixture.componentRef.setInput('size', 'mark');
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    expect(element.querySelector('.letter')?.getAttribute('d')).toBe(MARK.letter);
    expect(element.textContent.trim()).toBe('');
    // Two arms that rise alike from one stem: a Y.
    const [, left, fork, right] = /M(\d+) \d+L(\d+) \d+L(\d+) /.exec(MARK.letter)!.map(Number);
    expect(fork! - left!).toBe(right! - fork!);
  });
});

describe('drawBeam', () => {
  const pans = (degrees: number): { left: number; right: number } => {
    const { lines, weight } = drawBeam(degrees);
    const arms = /M[\d.]+ ([\d.]+)L48 36L[\d.]+ [\d.]+/.exec(lines)!;
    return { left: Number(arms[1]), right: Number(/^M[\d.]+ ([\d.]+)/.exec(weight)![1]) };
  };

  it('lowers the heavier side and lifts the other', () => {
    expect(pans(0).left).toBe(pans(0).right);
    expect(pans(10).left).toBeGreaterThan(pans(10).right);
    expect(pans(-10).left).toBeLessThan(pans(-10).right);
  });
});
