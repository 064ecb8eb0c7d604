import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { readText } from '../../../testing/read';
import { until } from '../../../testing/until';
import { rowsOf } from '../rows';
import { RecipeEditor, type LinePlace } from './recipe-editor';

const TEXT = 'Buns\nMakes 12\n\n2 cups flour\n1 cup sugar\n1 tsp salt';

describe('the text of a recipe', () => {
  let fixture: ComponentFixture<RecipeEditor>;
  let placed: readonly LinePlace[];
  const editor = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const lines = (): HTMLElement[] => [...editor().querySelectorAll<HTMLElement>('.cm-line')];

  async function show(text = TEXT): Promise<void> {
    fixture = TestBed.createComponent(RecipeEditor);
    placed = [];
    fixture.componentInstance.placed.subscribe((places) => (placed = places));
    fixture.componentRef.setInput('text', text);
    fixture.componentRef.setInput('rows', rowsOf(text, readText(text)));
    fixture.detectChanges();
    await until(() => placed.length === text.split('\n').length);
  }
  const giveSpace = async (space: readonly number[]): Promise<void> => {
    const before = placed;
    fixture.componentRef.setInput('space', space);
    fixture.detectChanges();
    await until(() => placed !== before);
  };

  it('tells where each line stands, as it is drawn', async () => {
    await show();
    const top = lines()[0]!.getBoundingClientRect().top;
    for (const [at, line] of lines().entries()) {
      const box = line.getBoundingClientRect();
      expect(placed[at]!.height).toBeCloseTo(box.height, 1);
      expect(placed[at]!.top - placed[0]!.top).toBeCloseTo(box.top - top, 1);
    }
  });

  it('gives a line room without taking the room for text: more of it would be asked for then', async () => {
    await show();
    const heights = placed.map(({ height }) => height);
    const tops = placed.map(({ top }) => top);
    await giveSpace([0, 0, 0, 313]);
    expect(placed.map(({ height }) => height)).toEqual(heights);
    expect(placed.map(({ top }, at) => Math.round(top - tops[at]!))).toEqual([
      0, 0, 0, 0, 313, 313,
    ]);
    await giveSpace([]);
    expect(placed.map(({ top }) => top)).toEqual(tops);
  });

  it('knows the same of lines that are too far below to be drawn', async () => {
    await show(Array.from({ length: 600 }, (_, at) => `${at + 1} cups flour`).join('\n'));
    const last = placed.at(-1)!;
    await giveSpace(Array.from(placed, (_, at) => (at === 590 ? 500 : 0)));
    expect(lines().length).toBeLessThan(600);
    expect(placed[590]!.height).toBe(last.height);
    expect(Math.round(placed.at(-1)!.top - last.top)).toBe(500);
  });

  it('marks what was understood of a line', async () => {
    await show();
    const flour = lines()[3]!;
    const marked = (part: string): string => flour.querySelector(`.yg-${part}`)!.textContent;
    expect([marked('amount'), marked('unit'), marked('ingredient')]).toEqual([
      '2',
      'cups',
      'flour',
    ]);
    expect(lines()[0]!.className).toContain('yg-line-title');
  });
});
