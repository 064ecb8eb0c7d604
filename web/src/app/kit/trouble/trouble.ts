import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

/** What went wrong, in a sentence, and the way out. */
@Component({
  selector: 'yg-trouble',
  template: `
    <p>{{ problem() }}</p>
    <button type="button" class="btn btn-primary" (click)="again.emit()">Try again</button>
  `,
  styleUrl: './trouble.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'alert' },
})
export class Trouble {
  readonly problem = input.required<string>();
  readonly again = output();
}
