import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

/** What went wrong, in a sentence, and the way out. */
@Component({
  selector: 'yg-retry',
  template: `
    <p>{{ problem() }}</p>
    <button type="button" class="btn btn-primary" (click)="again.emit()">Try again</button>
  `,
  styleUrl: './retry.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'alert' },
})
export class Retry {
  readonly problem = input.required<string>();
  readonly again = output();
}
