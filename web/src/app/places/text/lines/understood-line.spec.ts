import { readUsualLine } from '../../../testing/read';
import { TestBed } from '@angular/core/testing';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { UnderstoodLine } from './understood-line';

describe('UnderstoodLine', () => {
  const show = (written: string): { text: string; questions: number } => {
    const fixture = TestBed.createComponent(UnderstoodLine);
    fixture.componentRef.setInput('line', readUsualLine(written));
    fixture.componentRef.setInput('standard', 'us-customary');
    fixture.componentRef.setInput('shelf', BUILT_IN_SHELF);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    return {
      text: element.textContent!.replace(/\s+/g, ' ').trim(),
      questions: element.querySelectorAll('.asks').length,
    };
  };

  it('says how much of what, how it was filled and what that weighs', () => {
    const { text } = show('1 1/2 cups sifted cake flour');
    for (const part of ['1 1/2 cups', 'Cake flour', 'sifted', '144 g', 'from tables']) {
      expect(text).withContext(part).toContain(part);
    }
  });

  it('asks where the wording moves grams, and stays quiet where it does not', () => {
    expect(show('1 1/2 cups cake flour, sifted').questions).toBe(1);
    expect(show('1 cup butter, melted').questions).toBe(0);
    expect(show('2 cups flour').questions).toBe(0);
    expect(show('1/2 cup kosher salt').questions).toBe(1);
  });

  it('gives nothing for what is not known, and says what to do', () => {
    const { text, questions } = show('1 tbsp sea buckthorn');
    expect(text).toContain('unknown ingredient');
    expect(text).toContain('no weight');
    expect(questions).toBe(1);
  });

  it('names what is no ingredient', () => {
    expect(show('Makes 12').text).toBe('Yield');
    expect(show('For the glaze:').text).toBe('Heading');
    expect(show('Mix it all together.').text).toBe('Step');
    expect(show('Preheat the oven to 180 °C').text).toBe('oven 180 °C');
    expect(show('and so on').text).toContain('is left out');
  });
});
