import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { HEAVIEST_READING_GRAMS, type KitchenContainer } from '@ypsigram/contract';
import { decimal } from '../../kit/figures/figures';
import { Icon } from '../../kit/icon/icon';
import { TakeReading } from '../../scale/take-reading';

/** Bowls and jars with what they weigh empty. */
@Component({
  selector: 'yg-containers-section',
  imports: [Icon, TakeReading],
  templateUrl: './containers-section.html',
  styleUrl: './things.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ContainersSection {
  readonly owned = input.required<readonly KitchenContainer[]>();
  readonly kept = output<KitchenContainer>();
  readonly removed = output<string>();

  protected readonly problem = signal<string | null>(null);

  protected add(nameField: HTMLInputElement, gramsField: HTMLInputElement): void {
    const name = nameField.value.trim();
    const grams = decimal(gramsField.value);
    if (name === '') return this.problem.set('Give the container a name, such as “white bowl”.');
    if (grams === null || grams <= 0 || grams > HEAVIEST_READING_GRAMS) {
      return this.problem.set('Write its weight when empty in grams, for example 312.');
    }
    this.problem.set(null);
    nameField.value = '';
    gramsField.value = '';
    nameField.focus();
    this.kept.emit({ name, grams });
  }
}
