import { TestBed } from '@angular/core/testing';
import { Fills, type Fill } from './fills';

describe('Fills', () => {
  const draw = (...fills: Fill[]): { shapes: number; words: string } => {
    const fixture = TestBed.createComponent(Fills);
    fixture.componentRef.setInput('fills', fills);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const words = element.textContent!.replace(/\s+/g, ' ').trim();
    return { shapes: element.querySelectorAll('svg').length, words };
  };

  it('draws a few fills one by one, labelled with their size', () => {
    expect(draw({ tool: '1 cup', count: 2 }, { tool: '1/3 cup', count: 1 })).toEqual({
      shapes: 3,
      words: '1 1 1/3',
    });
  });

  it('draws many fills once, with their number', () => {
    expect(draw({ tool: '1 cup', count: 6 })).toEqual({ shapes: 1, words: '6× 1' });
  });

  it('draws jugs, blocks, eggs and pinches', () => {
    const tools = [
      'jug 350 ml',
      'jug 1 1/4 cups',
      '1 stick',
      'block 4 tbsp',
      'egg',
      '1 pinch',
      '1/8 tsp',
    ];
    const { shapes, words } = draw(...tools.map((tool) => ({ tool, count: 1 })));
    expect(shapes).toBe(7);
    expect(words).toContain('350 ml');
    expect(words).toContain('1 1/4 c');
    expect(words).toContain('pinch');
  });
});
