import { readUsualLine } from '../../testing/read';
import { TestBed } from '@angular/core/testing';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { questionsOf, type Choice } from '@ypsigram/core/conversion';
import { LineQuestion } from './line-question';

describe('LineQuestion', () => {
  const show = (written: string) => {
    const line = readUsualLine(written);
    const fixture = TestBed.createComponent(LineQuestion);
    fixture.componentRef.setInput('id', 'question-0');
    fixture.componentRef.setInput('line', line);
    fixture.componentRef.setInput('shelf', BUILT_IN_SHELF);
    fixture.componentRef.setInput('question', questionsOf(line, 'us-customary', BUILT_IN_SHELF)[0]);
    const chosen: Choice[] = [];
    fixture.componentInstance.chosen.subscribe((choice) => chosen.push(choice));
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const answers = [...element.querySelectorAll('button')].map((button) =>
      (button.childElementCount === 0 ? [button] : [...button.children])
        .map((part) => part.textContent!.trim())
        .join(' '),
    );
    const press = (key: string): void => {
      element.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    };
    return { element, answers, chosen, press };
  };

  it('stands its answers side by side, each with what it weighs', () => {
    const { answers, element } = show('1 1/2 cups cake flour, sifted');
    expect(answers).toEqual(['1 after 164 g', '2 before 144 g']);
    expect(element.querySelector('p')!.textContent).toContain('Sifted before or after measuring?');
    expect(element.querySelector('.choices')!.getAttribute('aria-labelledby')).toBe('question-0');
  });

  it('takes a digit for the answer of that number, and no other key', () => {
    const { chosen, press } = show('1 tbsp kosher salt');
    press('9');
    press('x');
    expect(chosen).toEqual([]);
    press('2');
    expect(chosen[0]!.reading.ingredientId).toBe('salt-coarse-dense');
  });

  it('offers the closest names for an unknown one, and the Shelf', () => {
    const { answers } = show('1 tsp baekign powder');
    expect(answers[0]).toBe('1 baking powder 4.6 g');
    expect(answers.at(-1)).toBe('None of these: add an ingredient');
  });

  it('names the slip behind a weight that cannot be', () => {
    const { answers } = show('1 cup (12 g) flour');
    expect(answers).toEqual([
      '1 the weight as written 12.0 g',
      '2 the volume 125 g',
      '3 a digit is wrong 120 g',
    ]);
    expect(show('1 cup (60 g) flour').answers[0]).toContain('for half the volume');
  });
});
