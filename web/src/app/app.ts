import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { Beam } from './kit/beam/beam';
import { kitchenActions } from './kitchen/kitchen.feature';

/** The frame around every place. */
@Component({
  selector: 'yg-root',
  imports: [Beam, RouterLink, RouterLinkActive, RouterOutlet],
  templateUrl: './app.html',
  styleUrl: './app.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class App {
  constructor() {
    inject(Store).dispatch(kitchenActions.kitchenAskedFor());
  }
}
