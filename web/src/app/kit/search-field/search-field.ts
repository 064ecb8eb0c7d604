import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  input,
  output,
  viewChild,
} from '@angular/core';
import { Icon } from '../icon/icon';

/** A search field that "/" reaches from anywhere on its page. */
@Component({
  selector: 'yg-search-field',
  imports: [Icon],
  template: `
    <label>
      <span class="visually-hidden">{{ label() }}</span>
      <yg-icon name="search" />
      <input
        #field
        class="form-control"
        type="search"
        autocomplete="off"
        [placeholder]="label()"
        [value]="query()"
        (input)="typed.emit(field.value)"
      />
      @if (reachable()) {
        <kbd aria-hidden="true">/</kbd>
      }
    </label>
  `,
  styleUrl: './search-field.scss',
  host: { '(document:keydown./)': 'reach($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SearchField {
  readonly label = input.required<string>();
  readonly query = input.required<string>();
  /** Whether the key reaches it: keys without Ctrl can be switched off. */
  readonly reachable = input(true);
  readonly typed = output<string>();

  private readonly field = viewChild.required<ElementRef<HTMLInputElement>>('field');

  focus(): void {
    this.field().nativeElement.focus();
  }

  hasFocus(): boolean {
    return document.activeElement === this.field().nativeElement;
  }

  protected reach(event: Event): void {
    const { target } = event;
    if (!this.reachable()) return;
    // Where text is being written, a slash is a slash.
    if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return;
    event.preventDefault();
    this.focus();
  }
}
