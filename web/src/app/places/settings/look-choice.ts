import { ChangeDetectionStrategy, Component } from '@angular/core';
import { chooseTheme, theme, THEMES, type Theme } from '../../kit/theme/theme';

const NAMES: Readonly<Record<Theme, string>> = {
  system: 'As this device',
  day: 'Day',
  night: 'Night',
};

/** Day or night, for this device alone. */
@Component({
  selector: 'yg-look-choice',
  template: `
    <div class="choices" role="radiogroup" aria-labelledby="look-heading">
      @for (one of themes; track one.id) {
        <label>
          <input
            type="radio"
            name="look"
            [value]="one.id"
            [checked]="one.id === theme()"
            (change)="choose(one.id)"
          />
          {{ one.name }}
        </label>
      }
    </div>
    <p class="soft">On this device only. Print is always dark on white.</p>
  `,
  styles: `
    .choices {
      display: flex;
      flex-wrap: wrap;
      gap: 0.2rem 1.2rem;
    }
    label {
      display: inline-flex;
      gap: 0.5rem;
      align-items: center;
      min-height: 2.75rem;
    }
    input {
      width: 1.3rem;
      height: 1.3rem;
    }
    p {
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LookChoice {
  protected readonly theme = theme;
  protected readonly choose = chooseTheme;
  protected readonly themes = THEMES.map((id) => ({ id, name: NAMES[id] }));
}
