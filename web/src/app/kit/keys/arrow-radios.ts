import { Directive, ElementRef, inject } from '@angular/core';

const STEPS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowDown: 1,
  ArrowLeft: -1,
  ArrowUp: -1,
};

/** Buttons that are radios to a screen reader are chosen by the arrow keys, as radios are. */
@Directive({ selector: '[role=radiogroup]', host: { '(keydown)': 'step($event)' } })
export class ArrowRadios {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  protected step(event: KeyboardEvent): void {
    const by = STEPS[event.key];
    if (by === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
    const radios = [...this.host.querySelectorAll<HTMLElement>('[role=radio]')];
    const at = radios.findIndex((radio) => radio === event.target);
    const next = at < 0 ? undefined : radios[(at + by + radios.length) % radios.length];
    if (!next) return;
    // Nobody else takes this key for a page down or a step of the work.
    event.preventDefault();
    event.stopPropagation();
    next.focus();
    next.click();
  }
}
