import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { Icon } from '../../kit/icon/icon';
import { SampleImport } from './sample-import';

/** Six made-up recipes to look around with, taken back in one tap as long as nobody keeps them. */
@Component({
  selector: 'yg-sample-recipes',
  imports: [Icon],
  template: `
    @if (samples.added(); as id) {
      <p class="added" role="status">
        <span>Six sample recipes were added to look around with.</span>
        <button
          type="button"
          class="btn btn-outline-primary"
          [disabled]="samples.isBusy()"
          (click)="samples.takeBack(id)"
        >
          <yg-icon name="undo" /> Remove them
        </button>
        <button type="button" class="btn btn-quiet" (click)="samples.settle()">Keep them</button>
      </p>
    } @else if (isOffered()) {
      <button
        type="button"
        class="btn btn-outline-primary"
        [disabled]="samples.isBusy()"
        (click)="samples.add()"
      >
        {{ samples.isBusy() ? 'Adding them…' : 'Add six sample recipes' }}
      </button>
    }
    <p class="said" role="status">{{ samples.said() }}</p>
    <p class="problem" role="alert">{{ samples.problem() }}</p>
  `,
  styles: `
    .added {
      display: flex;
      flex-wrap: wrap;
      gap: 0.4rem 0.8rem;
      align-items: center;
      margin: 0 0 1rem;
      padding: 0.4rem 1rem;
      border-left: 5px solid var(--yg-mustard);
      background: var(--yg-mustard-wash);
      text-align: left;
    }
    .said:empty {
      display: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SampleRecipes {
  /** Whether they are offered: in a kitchen without recipes. */
  readonly isOffered = input(false);
  protected readonly samples = inject(SampleImport);
}
