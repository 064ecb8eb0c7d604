import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { tipOf } from './tip';

/**
 * The beam: the Y of Ypsigram as a balance. The left arm is measure, the right arm weight; it
 * is level when both give the same mass and leans to the heavier side.
 */
@Component({
  selector: 'yg-beam',
  templateUrl: './beam.html',
  styleUrl: './beam.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[attr.data-state]': 'tip().state', '[attr.data-size]': 'size()' },
})
export class Beam {
  /** Mass by measure over mass by weight, less one; null when one of them is missing. */
  readonly gap = input.required<number | null>();
  readonly tolerance = input.required<number | null>();
  readonly size = input<'line' | 'whole' | 'mark'>('line');

  protected readonly tip = computed(() => tipOf(this.gap(), this.tolerance()));
  protected readonly turn = computed(() => `rotate(${-this.tip().degrees} 48 36)`);
  // The pans hang straight down however the arms lean.
  protected readonly hang = computed(() => {
    const radians = (this.tip().degrees * Math.PI) / 180;
    const reach = (x: number, y: number): string => {
      const dx = x - 48;
      const dy = y - 36;
      const cos = Math.cos(-radians);
      const sin = Math.sin(-radians);
      return `translate(${(48 + dx * cos - dy * sin).toFixed(2)} ${(36 + dx * sin + dy * cos).toFixed(2)})`;
    };
    return { left: reach(14, 12), right: reach(82, 12) };
  });
}
