import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  afterRenderEffect,
  computed,
  inject,
  signal,
  viewChildren,
} from '@angular/core';
import { BreakpointObserver } from '@angular/cdk/layout';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { map } from 'rxjs';
import { STANDARDS, standardName, type Standard } from '@ypsigram/core/units';
import { Icon } from '../../kit/icon/icon';
import { kitchenFeature } from '../../kitchen/kitchen.feature';
import { recipeActions, recipeFeature } from '../../recipe/recipe.feature';
import { RecipeEditor, SPACE_STEP_PIXELS, type LinePlace } from './recipe-editor';
import { rowsOf } from './rows';
import { UnderstoodLine } from './understood-line';

/** Reading: the text on one side, what was understood on the other, line against line. */
@Component({
  selector: 'yg-reading-page',
  imports: [Icon, RecipeEditor, RouterLink, UnderstoodLine],
  templateUrl: './reading.page.html',
  styleUrl: './reading.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadingPage {
  private readonly store = inject(Store);
  private readonly understood = viewChildren<string, ElementRef<HTMLElement>>('understood', {
    read: ElementRef,
  });

  /** One column under the other: nothing stands beside the text then. */
  private readonly stacked = toSignal(
    inject(BreakpointObserver)
      .observe('(max-width: 56rem)')
      .pipe(map(({ matches }) => matches)),
    { initialValue: false },
  );

  protected readonly standards = STANDARDS.map((id) => ({ id, name: standardName(id) }));
  protected readonly state = this.store.selectSignal(recipeFeature.selectRecipeState);
  protected readonly text = this.store.selectSignal(recipeFeature.selectText);
  protected readonly standard = this.store.selectSignal(recipeFeature.selectStandard);
  protected readonly shelf = this.store.selectSignal(kitchenFeature.selectOwnShelf);
  protected readonly reading = this.store.selectSignal(recipeFeature.selectReading);
  protected readonly rows = computed(() => rowsOf(this.text(), this.reading()));
  protected readonly places = signal<readonly LinePlace[]>([]);
  protected readonly space = signal<readonly number[]>([]);
  protected readonly isBlank = computed(() => this.text().trim() === '');

  constructor() {
    // A line of the text gets as much room as what stands beside it needs.
    afterRenderEffect(() => {
      this.places();
      const elements = this.stacked() ? [] : this.understood();
      const needed: number[] = [];
      for (const { nativeElement } of elements) {
        const index = Number(nativeElement.dataset['row']);
        const own = this.places()[index]?.height ?? 0;
        needed[index] = Math.max(
          0,
          Math.ceil((nativeElement.offsetHeight - own) / SPACE_STEP_PIXELS),
        );
      }
      const space = Array.from(this.rows(), (_, index) => needed[index] ?? 0);
      if (space.join() !== this.space().join()) this.space.set(space);
    });
  }

  protected edit(text: string): void {
    this.store.dispatch(recipeActions.textEdited({ text }));
  }

  protected choose(standard: string): void {
    this.store.dispatch(recipeActions.standardChosen({ standard: standard as Standard }));
  }

  protected save(): void {
    this.store.dispatch(recipeActions.saveWanted());
  }
}
