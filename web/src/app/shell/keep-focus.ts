import { afterEveryRender } from '@angular/core';

/** What the keyboard can be put on where the thing that had it is gone. */
const PART = 'section, form, article, aside, dialog, main';

/**
 * The keyboard never falls out of the page: where what had it is taken away or switched off (a
 * button that saved, a form that closed), it goes to the nearest part around it that is still
 * there. To be called once, where things are injected.
 */
export function keepFocus(): void {
  let last: HTMLElement | null = null;
  let around: readonly HTMLElement[] = [];
  document.addEventListener('focusin', ({ target }) => {
    if (!(target instanceof HTMLElement)) return;
    last = target;
    around = partsAround(target);
  });
  afterEveryRender({
    read: () => {
      const now = document.activeElement;
      if (last === null || (now !== null && now !== document.body)) return;
      // A tap beside everything takes the keyboard away on purpose.
      if (last.isConnected && !last.matches(':disabled')) return;
      const part = around.find((one) => one.isConnected);
      last = null;
      if (!part) return;
      if (!part.hasAttribute('tabindex')) part.tabIndex = -1;
      part.focus({ preventScroll: true });
    },
  });
}

function partsAround(element: HTMLElement): readonly HTMLElement[] {
  const parts: HTMLElement[] = [];
  let part = element.parentElement?.closest<HTMLElement>(PART);
  while (part) {
    parts.push(part);
    part = part.parentElement?.closest<HTMLElement>(PART);
  }
  return parts;
}
