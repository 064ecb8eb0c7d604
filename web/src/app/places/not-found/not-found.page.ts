import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';

/** An address that leads nowhere. */
@Component({
  selector: 'yg-not-found-page',
  imports: [RouterLink],
  template: `
    <div class="page">
      <h1>There is nothing at this address</h1>
      <p>The recipe may have been moved, or the address mistyped.</p>
      <a class="btn btn-primary" routerLink="/book">To the Book</a>
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NotFoundPage {}
