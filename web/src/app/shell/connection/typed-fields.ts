import { DestroyRef, Injectable, inject } from '@angular/core';

type Field = HTMLInputElement | HTMLTextAreaElement;

/** Fields that wait for their form's button. All else is saved while it is typed. */
const WAITS = 'textarea, form input:not([type="search"])';

/** Remembers what is typed into forms and was not sent yet. */
@Injectable({ providedIn: 'root' })
export class TypedFields {
  private readonly fields = new Set<Field>();

  constructor() {
    const ended = new AbortController();
    const { signal } = ended;
    document.addEventListener('input', ({ target }) => this.note(target), { signal });
    document.addEventListener('submit', ({ target }) => this.sent(target), { signal });
    inject(DestroyRef).onDestroy(() => ended.abort());
  }

  /** Whether something that was typed would be lost with the page. */
  hasSome(): boolean {
    return [...this.fields].some((field) => field.isConnected && field.value.trim() !== '');
  }

  private note(target: EventTarget | null): void {
    if (target instanceof Element && target.matches(WAITS)) this.fields.add(target as Field);
  }

  private sent(target: EventTarget | null): void {
    for (const field of this.fields) {
      if (!field.isConnected || field.form === target) this.fields.delete(field);
    }
  }
}
