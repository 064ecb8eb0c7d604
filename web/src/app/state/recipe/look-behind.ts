import { effect, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { kitchenActions } from '../kitchen/kitchen.actions';
import { selectReading } from './recipe.selectors';

/** A page that shows what was read wants the public table as soon as a line names what the shelf lacks. */
export function lookBehindTheShelf(): void {
  const store = inject(Store);
  const reading = store.selectSignal(selectReading);
  effect(() => {
    const isMissing = reading().lines.some(({ notes }) =>
      notes.some(({ code }) => code === 'unknown-ingredient'),
    );
    if (isMissing) store.dispatch(kitchenActions.tableWanted());
  });
}
