import { short } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { LiveScale } from './live-scale';

/** Takes what the scale shows, once it has settled; not there while no scale is connected. */
@Component({
  selector: 'yg-take-reading',
  template: `
    @if (scale.status() !== 'off') {
      <button
        type="button"
        class="btn btn-primary"
        [disabled]="scale.settledGrams() === null"
        (click)="take()"
      >
        {{ words() }}
      </button>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TakeReading {
  /** The net mass in grams, as the scale shows it. */
  readonly taken = output<number>();

  protected readonly scale = inject(LiveScale);
  protected readonly words = computed(() => {
    const settled = this.scale.settledGrams();
    if (settled !== null) return `Take ${short(settled, 2)} g from the scale`;
    const reading = this.scale.reading();
    if (this.scale.status() !== 'live' || reading?.state !== 'on') return 'The scale is not ready';
    return reading.isStable ? 'Nothing on the scale' : 'The scale is settling';
  });

  protected take(): void {
    const settled = this.scale.settledGrams();
    if (settled !== null) this.taken.emit(settled);
  }
}
