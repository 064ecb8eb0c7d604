import { TestBed } from '@angular/core/testing';
import { TypedFields } from './typed-fields';

describe('what is typed and not sent', () => {
  let form: HTMLFormElement;
  let typed: TypedFields;

  const type = (field: HTMLInputElement | HTMLTextAreaElement, value: string): void => {
    field.value = value;
    field.dispatchEvent(new Event('input', { bubbles: true }));
  };

  beforeEach(() => {
    typed = TestBed.inject(TypedFields);
    form = document.createElement('form');
    form.innerHTML = '<input name="note"><input type="search"><textarea></textarea>';
    form.addEventListener('submit', (event) => event.preventDefault());
    document.body.append(form);
  });
  afterEach(() => form.remove());

  it('is known until its form is sent, is emptied, or is gone', () => {
    const note = form.querySelector<HTMLInputElement>('[name=note]')!;
    expect(typed.hasSome()).toBeFalse();
    type(note, 'dense');
    expect(typed.hasSome()).toBeTrue();
    type(note, ' ');
    expect(typed.hasSome()).toBeFalse();
    type(form.querySelector('textarea')!, 'crumbly');
    expect(typed.hasSome()).toBeTrue();
    form.requestSubmit();
    expect(typed.hasSome()).toBeFalse();
    type(note, 'dry');
    form.remove();
    expect(typed.hasSome()).toBeFalse();
  });

  it('is no search', () => {
    type(form.querySelector<HTMLInputElement>('[type=search]')!, 'rye');
    expect(typed.hasSome()).toBeFalse();
  });
});
