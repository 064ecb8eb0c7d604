import {
  afterNextRender,
  DestroyRef,
  Directive,
  ElementRef,
  inject,
  Injector,
  output,
} from '@angular/core';

/** What the keyboard can be put on, in the order of the page. */
const TO_WORK_WITH = 'input, select, textarea, button, a[href], [tabindex="0"]';

/**
 * On what opens where it was asked for, a form or a menu: it comes into view with the keyboard in
 * it, says when Escape asks to close it, and gives the keyboard back to what had it before.
 */
@Directive({
  selector: '[ygOpened]',
  host: { '(keydown.escape)': 'askToClose($event)' },
})
export class Opened {
  /** Escape was pressed in it. */
  readonly ygOpened = output();

  constructor() {
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    const opener = document.activeElement;
    let isHere = true;
    // What is drawn in it a moment later (a part that is loaded) is waited for.
    afterNextRender(() => setTimeout(() => isHere && bringTo(host)), {
      injector: inject(Injector),
    });
    inject(DestroyRef).onDestroy(() => {
      isHere = false;
      const now = document.activeElement;
      const isNowhere = now === null || now === document.body || host.contains(now);
      if (isNowhere && opener instanceof HTMLElement && opener.isConnected) opener.focus();
    });
  }

  protected askToClose(event: Event): void {
    event.stopPropagation();
    this.ygOpened.emit();
  }
}

/** Shows a part of the page and puts the keyboard on the first thing in it, or on itself. */
export function bringTo(part: HTMLElement): void {
  const first = [...part.querySelectorAll<HTMLElement>(TO_WORK_WITH)].find(
    (one) => !one.matches(':disabled') && one.checkVisibility(),
  );
  if (!first) part.tabIndex = -1;
  (first ?? part).focus({ preventScroll: true });
  part.scrollIntoView({ block: 'nearest' });
  // Of what is taller than the screen, its beginning.
  if (part.getBoundingClientRect().top < 0) part.scrollIntoView({ block: 'start' });
}
