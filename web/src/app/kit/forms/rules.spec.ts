import { FormControl, FormGroup } from '@angular/forms';
import {
  chosen,
  optional,
  positive,
  problemIn,
  problemOfTyped,
  rule,
  unlike,
  written,
} from './rules';

const form = (name: string, grams: string) =>
  new FormGroup({
    name: new FormControl(name, {
      nonNullable: true,
      validators: [written('Give it a name.'), unlike(() => ['white bowl'])],
    }),
    grams: new FormControl(grams, {
      nonNullable: true,
      validators: positive(500, 'Write the grams.'),
    }),
  });

describe('rules of a form', () => {
  it('say nothing where all hold', () => {
    expect(problemIn(form('blue bowl', '312,5'))).toBeNull();
  });

  it('say the sentence of the first field that breaks one', () => {
    expect(problemIn(form('  ', ''))).toBe('Give it a name.');
    expect(problemIn(form('blue bowl', 'much'))).toBe('Write the grams.');
  });

  it('refuse a name that is there already, whatever blanks stand around it', () => {
    expect(problemIn(form(' white bowl ', '3'))).toContain('already a “white bowl”');
  });

  for (const typed of ['0', '-3', '501', '1e3', '']) {
    it(`take no “${typed}” for a weight up to 500 g`, () => {
      expect(problemIn(form('blue bowl', typed))).toBe('Write the grams.');
    });
  }

  it('let an optional field be empty, but not wrong', () => {
    const field = (typed: string) =>
      new FormControl(typed, optional(rule((text) => text === 'yes', 'Write yes or nothing.')));
    expect(problemIn(field(' '))).toBeNull();
    expect(problemIn(field('no'))).toBe('Write yes or nothing.');
  });

  it('ask for a choice where none was made', () => {
    const choice = new FormControl<string | null>(null, chosen('Choose one.'));
    expect(problemIn(choice)).toBe('Choose one.');
    choice.setValue('rye');
    expect(problemIn(choice)).toBeNull();
  });

  it('hold for a single field that saves itself', () => {
    const grams = positive(500, 'Write the grams.');
    expect(problemOfTyped(grams, '12,5')).toBeNull();
    expect(problemOfTyped(grams, 'some')).toBe('Write the grams.');
  });

  it('ask nothing of a field that is switched off', () => {
    const asked = form('blue bowl', '');
    asked.controls.grams.disable();
    expect(problemIn(asked)).toBeNull();
  });
});
