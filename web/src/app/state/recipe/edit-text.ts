import { Injectable, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { carryChoices, carryMethods } from '@ypsigram/core/batch';
import type { Standard } from '@ypsigram/core/units';
import { selectShelf } from '../kitchen/kitchen.selectors';
import { recipeActions } from './recipe.actions';
import { recipeFeature } from './recipe.feature';
import { selectReading } from './recipe.selectors';
import { rereadText } from './reread-text';

/** Changes the text of the open recipe, and takes along what was decided of its lines. */
@Injectable({ providedIn: 'root' })
export class EditText {
  private readonly store = inject(Store);
  private readonly draft = this.store.selectSignal(recipeFeature.selectDraft);
  private readonly reading = this.store.selectSignal(selectReading);
  private readonly shelf = this.store.selectSignal(selectShelf);

  to(text: string): void {
    const { methods, balance, standard } = this.draft();
    this.store.dispatch(
      recipeActions.textEdited({
        text,
        carried: this.carry(text, standard, methods, balance.lines),
      }),
    );
  }

  private carry(
    text: string,
    standard: Standard,
    methods: ReturnType<typeof this.draft>['methods'],
    lines: ReturnType<typeof this.draft>['balance']['lines'],
  ) {
    const isUndecided = Object.keys(methods).length + Object.keys(lines).length === 0;
    if (isUndecided) return { methods, lines };
    const [before, shelf] = [this.reading(), this.shelf()];
    // What is read here is remembered: the page reads only the lines that have changed.
    const after = rereadText(text, standard, shelf);
    return {
      methods: carryMethods(before, after, methods, shelf),
      lines: carryChoices(before, after, lines),
    };
  }
}
