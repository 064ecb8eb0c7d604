import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { DomSanitizer } from '@angular/platform-browser';
import arrowCounterclockwise from 'bootstrap-icons/icons/arrow-counterclockwise.svg';
import arrowLeft from 'bootstrap-icons/icons/arrow-left.svg';
import arrowRight from 'bootstrap-icons/icons/arrow-right.svg';
import check from 'bootstrap-icons/icons/check-lg.svg';
import chevronDown from 'bootstrap-icons/icons/chevron-down.svg';
import close from 'bootstrap-icons/icons/x-lg.svg';
import dash from 'bootstrap-icons/icons/dash-lg.svg';
import gear from 'bootstrap-icons/icons/gear.svg';
import plus from 'bootstrap-icons/icons/plus-lg.svg';
import question from 'bootstrap-icons/icons/question-lg.svg';
import search from 'bootstrap-icons/icons/search.svg';
import trash from 'bootstrap-icons/icons/trash3.svg';

const ICONS = {
  'arrow-left': arrowLeft,
  'arrow-right': arrowRight,
  check,
  'chevron-down': chevronDown,
  close,
  gear,
  minus: dash,
  plus,
  question,
  search,
  trash,
  undo: arrowCounterclockwise,
} as const;

export type IconName = keyof typeof ICONS;

/** A small picture beside a word; it says nothing of its own to a screen reader. */
@Component({
  selector: 'yg-icon',
  template: '',
  styles: ':host { display: inline-flex; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[innerHTML]': 'markup()', 'aria-hidden': 'true' },
})
export class Icon {
  private readonly sanitizer = inject(DomSanitizer);

  readonly name = input.required<IconName>();
  // The markup is bundled with the app and comes from nowhere else.
  protected readonly markup = computed(() =>
    this.sanitizer.bypassSecurityTrustHtml(ICONS[this.name()]),
  );
}
