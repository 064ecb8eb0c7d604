import { DestroyRef, Directive, ElementRef, inject, output } from '@angular/core';

/** Says when its element comes into view and when it leaves. */
@Directive({ selector: '[ygInView]' })
export class InView {
  readonly ygInView = output<boolean>();

  constructor() {
    const element = inject<ElementRef<Element>>(ElementRef).nativeElement;
    const observer = new IntersectionObserver((entries) =>
      this.ygInView.emit(entries.at(-1)!.isIntersecting),
    );
    observer.observe(element);
    inject(DestroyRef).onDestroy(() => observer.disconnect());
  }
}
