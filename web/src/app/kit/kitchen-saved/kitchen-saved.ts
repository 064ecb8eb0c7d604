import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { Icon } from '../icon/icon';

/** What is saved sooner than this is not told as being saved. */
const PATIENCE_MILLISECONDS = 300;

/** Says that what was changed of the kitchen is being saved, and then that it is. */
@Component({
  selector: 'yg-kitchen-saved',
  imports: [Icon],
  template: `
    <span role="status">
      @switch (word()) {
        @case ('saving') {
          Saving…
        }
        @case ('saved') {
          <yg-icon name="check" /> Saved
        }
      }
    </span>
  `,
  styles: `
    span {
      display: inline-flex;
      gap: 0.3rem;
      align-items: center;
      color: var(--yg-ink-soft);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KitchenSaved {
  private readonly kitchen = inject(Store).selectSignal(kitchenFeature.selectKitchenState);
  private readonly waits = computed(() => this.kitchen().current !== this.kitchen().saved);
  private readonly isSlow = signal(false);
  /** Whether anything was changed since this was first seen. */
  private readonly hasChanged = signal(false);

  protected readonly word = computed(() => {
    if (this.kitchen().problem !== null || !this.hasChanged()) return null;
    if (!this.waits()) return 'saved';
    return this.isSlow() ? 'saving' : null;
  });

  constructor() {
    effect((onCleanup) => {
      if (!this.waits()) return;
      this.hasChanged.set(true);
      const timer = setTimeout(() => this.isSlow.set(true), PATIENCE_MILLISECONDS);
      onCleanup(() => {
        clearTimeout(timer);
        this.isSlow.set(false);
      });
    });
  }
}
