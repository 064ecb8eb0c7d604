import { FormControl, type AbstractControl, type ValidatorFn } from '@angular/forms';
import { decimal } from '../figures/figures';

/** A rule of a field, with the sentence for who breaks it: it says what to write instead. */
export function rule(
  holds: (typed: string) => boolean,
  sentence: string | ((typed: string) => string),
): ValidatorFn {
  return ({ value }: AbstractControl<string>) => {
    const typed = value.trim();
    if (holds(typed)) return null;
    return { sentence: typeof sentence === 'string' ? sentence : sentence(typed) };
  };
}

/** Something must be written. */
export const written = (sentence: string): ValidatorFn => rule((typed) => typed !== '', sentence);

/** A name that nothing else here has. */
export const unlike = (names: () => readonly string[]): ValidatorFn =>
  rule(
    (typed) => !names().includes(typed),
    (typed) => `There is already a “${typed}”. Choose another name.`,
  );

/** A decimal figure above 0, up to `most`, which may depend on what is shown. */
export const positive = (most: number | (() => number), sentence: string): ValidatorFn =>
  rule((typed) => {
    const figure = decimal(typed);
    if (figure === null || figure === 0) return false;
    return figure <= (typeof most === 'number' ? most : most());
  }, sentence);

/** Nothing, or what the rule asks for. */
export const optional = (asked: ValidatorFn): ValidatorFn => {
  return (control: AbstractControl<string>) =>
    control.value.trim() === '' ? null : asked(control);
};

/** Something must be chosen. */
export const chosen =
  (sentence: string): ValidatorFn =>
  ({ value }) =>
    value === null ? { sentence } : null;

/** The sentence for what was typed into a field that saves itself when it is left; null if it is right. */
export const problemOfTyped = (asked: ValidatorFn, typed: string): string | null =>
  problemIn(new FormControl(typed, asked));

/** The sentence for the first field, in their order, that breaks a rule; null where all hold. */
export function problemIn(form: AbstractControl): string | null {
  const { errors } = form;
  if (errors) return String(errors['sentence']);
  if (!('controls' in form)) return null;
  const controls = Object.values(form.controls as Record<string, AbstractControl>);
  for (const control of controls) {
    const problem = control.disabled ? null : problemIn(control);
    if (problem !== null) return problem;
  }
  return null;
}
