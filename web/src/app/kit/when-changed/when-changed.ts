import { inject } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { Actions, ofType } from '@ngrx/effects';
import { filter } from 'rxjs';
import type { ChangingArea } from '@ypsigram/contract/house';
import { changesActions } from '../../state/changes/changes.feature';

/** Does something whenever another device has changed one of these areas, for as long as the page is there. */
export function whenChanged(areas: readonly ChangingArea[], act: () => void): void {
  inject(Actions)
    .pipe(
      ofType(changesActions.areasChanged),
      filter((changed) => changed.areas.some((area) => areas.includes(area))),
      takeUntilDestroyed(),
    )
    .subscribe(act);
}
