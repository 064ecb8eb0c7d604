import { TestBed } from '@angular/core/testing';
import type { PlannedFill } from '@ypsigram/core/fills';
import { FillPictures } from './fills';

describe('Fills', () => {
  const cup = (nominal: string, count: number): PlannedFill => ({
    tool: `${nominal} cup`,
    count,
    kind: 'cup',
    name: null,
    nominal,
    unit: 'cup',
    millilitres: 120,
    size: 'cup' as const,
  });
  const draw = (...fills: PlannedFill[]): { shapes: number; words: string } => {
    const fixture = TestBed.createComponent(FillPictures);
    fixture.componentRef.setInput('fills', fills);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const words = element.textContent!.replace(/\s+/g, ' ').trim();
    return { shapes: element.querySelectorAll('svg').length, words };
  };

  it('draws a few fills one by one, labelled with their size', () => {
    expect(draw(cup('1', 2), cup('1/3', 1))).toEqual({ shapes: 3, words: '1 1 1/3' });
  });

  it('draws many fills once, with their number', () => {
    expect(draw(cup('1', 6))).toEqual({ shapes: 1, words: '6× 1' });
  });

  it('draws bigger measures bigger', () => {
    const width = (millilitres: number, kind: PlannedFill['kind']): string => {
      const fixture = TestBed.createComponent(FillPictures);
      fixture.componentRef.setInput('fills', [{ ...cup('x', 1), millilitres, kind }]);
      fixture.detectChanges();
      return (fixture.nativeElement as HTMLElement).querySelector('svg')!.style.width;
    };
    expect(parseFloat(width(236, 'cup'))).toBeGreaterThan(parseFloat(width(59, 'cup')));
    expect(parseFloat(width(14.8, 'spoon'))).toBeGreaterThan(parseFloat(width(1.2, 'spoon')));
  });
});
