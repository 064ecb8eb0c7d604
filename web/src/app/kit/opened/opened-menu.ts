import { afterNextRender, Directive, ElementRef, inject, Injector } from '@angular/core';
import { NgbDropdown } from '@ng-bootstrap/ng-bootstrap/dropdown';
import { bringTo } from './opened';

/**
 * A menu that opens has the keyboard on its first entry, and gives it back to its button when it
 * closes; ng-bootstrap does so for the arrow keys only.
 */
@Directive({ selector: '[ngbDropdown]' })
export class OpenedMenu {
  constructor() {
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    const injector = inject(Injector);
    const part = (name: string) => host.querySelector<HTMLElement>(`[${name}]`)!;
    const giveBack = (): void => {
      if (part('ngbDropdownMenu').contains(document.activeElement)) {
        part('ngbDropdownToggle').focus();
      }
    };
    inject(NgbDropdown, { self: true }).openChange.subscribe((isOpen) => {
      if (isOpen) afterNextRender(() => bringTo(part('ngbDropdownMenu')), { injector });
      else giveBack();
    });
    // What an entry opens asks, before the menu is away, where the keyboard came from.
    host.addEventListener('click', giveBack, { capture: true });
  }
}
