import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import type { Batch, PlanLine } from '@ypsigram/core/batch';
import type { NewMasses } from '@ypsigram/core/formula';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { Reading } from '@ypsigram/core/reading';
import { CompareView } from './compare-view';
import { CostView } from './cost-view';
import { FormulaView } from './formula-view';

const VIEWS = [
  { id: 'formula', name: 'Baker’s formula' },
  { id: 'compare', name: 'Compare' },
  { id: 'cost', name: 'Cost and shopping' },
] as const;
type View = (typeof VIEWS)[number]['id'];

/** More about this batch, one view at a time: as a formula, by others' cups, by its cost. */
@Component({
  selector: 'yg-batch-more',
  imports: [CompareView, CostView, FormulaView],
  template: `
    <section class="enamel" aria-labelledby="more-heading">
      <h2 id="more-heading" class="visually-hidden">More about this batch</h2>
      <div class="views">
        @for (option of views; track option.id) {
          <button
            type="button"
            class="btn"
            [class.btn-primary]="option.id === view()"
            [class.btn-outline-primary]="option.id !== view()"
            [attr.aria-expanded]="option.id === view()"
            (click)="toggle(option.id)"
          >
            {{ option.name }}
          </button>
        }
      </div>
      @switch (view()) {
        @case ('formula') {
          @defer (on immediate) {
            <yg-formula-view
              [plan]="plan()"
              [shelf]="shelf()"
              [factor]="batch().factor.valueOf()"
              (massesSet)="massesSet.emit($event)"
              (totalSet)="totalSet.emit($event)"
            />
          }
        }
        @case ('compare') {
          @defer (on immediate) {
            <yg-compare-view [reading]="reading()" [batch]="batch()" />
          }
        }
        @case ('cost') {
          @defer (on immediate) {
            <yg-cost-view [plan]="plan()" [shelf]="shelf()" [pieces]="pieces()" />
          }
        }
      }
    </section>
  `,
  styles: `
    section {
      margin-top: 1.25rem;
      padding: 0.9rem 1.15rem;
    }
    .views {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem;
    }
    .views + * {
      margin-top: 0.9rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BatchMore {
  readonly reading = input.required<Reading>();
  readonly plan = input.required<readonly PlanLine[]>();
  readonly batch = input.required<Batch>();
  readonly shelf = input.required<Shelf>();
  readonly pieces = input.required<number | null>();
  readonly massesSet = output<NewMasses>();
  readonly totalSet = output<number>();

  protected readonly views = VIEWS;
  protected readonly view = signal<View | null>(null);

  protected toggle(view: View): void {
    this.view.update((open) => (open === view ? null : view));
  }
}
