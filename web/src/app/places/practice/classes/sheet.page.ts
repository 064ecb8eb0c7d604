import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { techniqueFor } from '@ypsigram/contract';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { ClassRoom } from './class-room';
import { aimOf, taskName } from './class-task';

const FEWEST = 4;
const MOST = 30;

/** A sheet for a class to print: each task with its technique, and blanks for names and weights. */
@Component({
  selector: 'yg-class-sheet-page',
  imports: [RouterLink],
  template: `
    <div class="page">
      <div class="fields no-print">
        <label>
          <span>Lines for names</span>
          <input
            #lines
            type="number"
            class="form-control"
            [min]="fewest"
            [max]="most"
            [value]="count()"
            (change)="setCount(lines.valueAsNumber)"
          />
        </label>
        <button type="button" class="btn btn-primary" (click)="print()">Print</button>
        <a class="btn btn-quiet" [routerLink]="['/practice/classes', id()]">Back to the class</a>
      </div>
      @if (room.of(); as now) {
        <h1>{{ now.name }}</h1>
        @for (task of tasks(); track task.id) {
          <section>
            <h2>{{ task.name }}</h2>
            <p>
              Target <b>{{ task.aim }}</b>. {{ task.how }}
            </p>
            <table>
              <thead>
                <tr>
                  <th scope="col">Name</th>
                  <th scope="col">1st, g</th>
                  <th scope="col">2nd, g</th>
                  <th scope="col">3rd, g</th>
                  <th scope="col">What I change</th>
                </tr>
              </thead>
              <tbody>
                @for (line of blanks(); track line) {
                  <tr>
                    <td></td>
                    <td></td>
                    <td></td>
                    <td></td>
                    <td></td>
                  </tr>
                }
              </tbody>
            </table>
          </section>
        }
        <p class="soft">Raw flour and raw egg are not safe to taste. Wash hands and tools after.</p>
      }
    </div>
  `,
  styleUrl: './sheet.page.scss',
  providers: [ClassRoom],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassSheetPage {
  readonly id = input.required<string>();

  protected readonly room = inject(ClassRoom);
  private readonly shelf = inject(Store).selectSignal(selectShelf);
  protected readonly fewest = FEWEST;
  protected readonly most = MOST;
  protected readonly count = signal(12);
  protected readonly blanks = computed(() => Array.from({ length: this.count() }, (_, at) => at));
  protected readonly tasks = computed(() =>
    (this.room.of()?.tasks ?? []).map((task) => {
      const ingredient = this.shelf().ingredient(task.ingredientId);
      return {
        id: task.id,
        name: taskName(task, this.shelf()),
        aim: aimOf(task),
        how: ingredient ? techniqueFor(ingredient.class, task.method).steps.join(' ') : '',
      };
    }),
  );

  constructor() {
    effect(() => {
      const id = this.id();
      untracked(() => this.room.open(id));
    });
  }

  protected setCount(lines: number): void {
    if (lines >= FEWEST && lines <= MOST) this.count.set(Math.round(lines));
  }

  protected print(): void {
    window.print();
  }
}
