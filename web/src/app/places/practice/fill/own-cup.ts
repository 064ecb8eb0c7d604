import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import type { FillTask } from '@ypsigram/core/practice';
import { TechniqueCard } from '../../../kit/technique/technique-card';
import { LiveScale } from '../../../scale/live-scale';
import { WeightEntry, type EnteredWeight } from '../../../scale/weight-entry';

/** A fill with a cup of one's own, weighed on a scale. */
export interface OwnFill extends EnteredWeight {
  /** Not from the simulated scale: it says something of the hand. */
  readonly isReal: boolean;
}

/** A cup of one's own: the technique to follow, and what the scale shows. */
@Component({
  selector: 'yg-own-cup',
  imports: [TechniqueCard, WeightEntry],
  template: `
    <yg-technique-card
      [ingredient]="task().ingredient"
      [method]="task().method"
      [bySpoon]="task().size !== 'cup'"
      [leadsToPractice]="false"
    />
    <yg-weight-entry
      [tool]="toolName()"
      act="Add weight"
      [isMain]="true"
      (weighed)="emit($event)"
    />
  `,
  styles: `
    :host {
      display: block;
    }
    yg-weight-entry {
      margin-top: 0.8rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnCup {
  readonly task = input.required<FillTask>();
  readonly toolName = input.required<string>();
  readonly weighed = output<OwnFill>();

  private readonly scale = inject(LiveScale);

  protected emit(entered: EnteredWeight): void {
    const isReal = entered.source === 'typed' || this.scale.description()?.isSimulated !== true;
    this.weighed.emit({ ...entered, isReal });
  }
}
