import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { fixed, short } from '@ypsigram/contract';
import type { BakeOutcomeReply } from '@ypsigram/contract/log';
import { changedSince } from '@ypsigram/core/log';
import { showDay } from '../../../kit/figures/dates';
import { showHeat } from '../../../kit/figures/oven-heat';
import { BakeSession } from '../../../state/bake/bake-session';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';

/** What was otherwise than in the bake before it. */
@Component({
  selector: 'yg-changes-panel',
  imports: [RouterLink],
  template: `
    @if (changes(); as changes) {
      <section class="enamel" aria-labelledby="changes">
        <h2 id="changes">Changed since {{ changes.day }}</h2>
        <ul>
          @for (one of changes.list; track one) {
            <li>{{ one }}</li>
          } @empty {
            <li>Nothing that the record shows.</li>
          }
        </ul>
        <a routerLink="/log/compare" [queryParams]="changes.both">Compare the two bakes</a>
      </section>
    }
  `,
  styles: `
    section {
      padding: 0.7rem 1rem;
    }
    h2 {
      font-size: 1.2rem;
    }
    ul {
      margin: 0.2rem 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChangesPanel {
  readonly outcomes = input.required<readonly BakeOutcomeReply[]>();

  private readonly store = inject(Store);
  private readonly session = inject(BakeSession);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);

  protected readonly changes = computed(() => {
    const id = this.session.bake()?.id;
    const at = this.outcomes().findIndex(({ bakeId }) => bakeId === id);
    const [now, before] = [this.outcomes()[at], this.outcomes()[at - 1]];
    if (!now || !before) return null;
    return {
      day: showDay(before.at, this.formats().dateOrder),
      both: { a: before.bakeId, b: now.bakeId },
      list: changedSince(now, before).map((change) => this.said(change)),
    };
  });

  private heat(celsius: number): string {
    return showHeat(celsius, this.formats().temperature);
  }

  private said(change: ReturnType<typeof changedSince>[number]): string {
    const more = (by: number): string =>
      `${fixed(100 * Math.abs(by), 0)} % ${by > 0 ? 'more' : 'less'}`;
    switch (change.what) {
      case 'line': {
        const name = this.shelf().ingredient(change.ingredientId)?.name ?? change.written;
        return `${name}: ${more(change.by)}`;
      }
      case 'new-line':
        return `New: ${change.written}`;
      case 'gone-line':
        return `Left out: ${change.written}`;
      case 'hand': {
        const name = this.hands().find(({ id }) => id === change.handId)?.name ?? 'somebody else';
        return `Measured by ${name}`;
      }
      case 'factor':
        return `Batch ×${short(change.from, 2)} → ×${short(change.to, 2)}`;
      case 'minutes':
        return `In the oven ${fixed(change.from, 0)} → ${fixed(change.to, 0)} min`;
      case 'dial':
        return `Dial ${this.heat(change.from)} → ${this.heat(change.to)}`;
    }
  }
}
