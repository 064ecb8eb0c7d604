import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Icon } from '../../../kit/icon/icon';
import { FillCounting, talliedName } from './fill-counting';
import { FillPicture } from './fill-picture';

/** The fills of the line at hand: one tap for each, another to take it back. */
@Component({
  selector: 'yg-fill-panel',
  imports: [FillPicture, Icon],
  templateUrl: './fill-panel.html',
  styleUrl: './fill-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FillPanel {
  protected readonly counting = inject(FillCounting);
  protected readonly tallies = computed(() =>
    this.counting.tallies().map((tally) => ({
      ...tally,
      name: talliedName(tally),
      isNext: tally.fill.tool === this.counting.next(),
    })),
  );
}
