import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';

/** An address that leads nowhere. */
@Component({
  selector: 'yg-not-found-page',
  imports: [RouterLink],
  template: `
    <div class="page">
      <h1>Page not found</h1>
      <p>The address may be mistyped, or the recipe deleted.</p>
      <a class="btn btn-primary" routerLink="/recipes">Open Recipes</a>
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NotFoundPage {}
