import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { decimal } from '../../../kit/figures/figures';

/** What the bowl and the oven hold. */
@Component({
  selector: 'yg-holds-control',
  template: `
    <fieldset>
      <legend class="visually-hidden">Bowl and oven</legend>
      <label>
        <span>Your bowl holds, mL (it is filled to half)</span>
        <input
          #bowl
          class="form-control"
          inputmode="decimal"
          autocomplete="off"
          [value]="bowlMillilitres() ?? ''"
          (change)="bowlSet.emit(number(bowl.value))"
        />
      </label>
      <label>
        <span>Pieces in the oven at once</span>
        <input
          #oven
          class="form-control"
          inputmode="decimal"
          autocomplete="off"
          [value]="piecesPerLoad() ?? ''"
          (change)="ovenSet.emit(number(oven.value))"
        />
      </label>
    </fieldset>
  `,
  styles: `
    fieldset {
      display: flex;
      flex-wrap: wrap;
      gap: 0.4rem 1.4rem;
    }
    label {
      display: grid;
      color: var(--yg-ink-soft);
      font-size: 0.9rem;
    }
    input {
      width: 8rem;
      min-height: 2.5rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HoldsControl {
  readonly bowlMillilitres = input.required<number | null>();
  readonly piecesPerLoad = input.required<number | null>();
  readonly bowlSet = output<number | null>();
  readonly ovenSet = output<number | null>();

  protected number(text: string): number | null {
    return decimal(text) || null;
  }
}
