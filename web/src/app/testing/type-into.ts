/** Types into a field, or chooses in it, as a person would. */
export function typeInto(field: HTMLInputElement | HTMLSelectElement, text: string): void {
  field.value = text;
  field.dispatchEvent(new Event('input'));
  field.dispatchEvent(new Event('change'));
}
