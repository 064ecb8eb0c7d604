import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { MARK, drawBeam } from './drawing';
import { leanOf, MEASURE_AND_WEIGHT, type BeamSides } from './beam-lean';

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
  /** What is near enough, relative. */
  readonly tolerance = input.required<number | null>();
  /** What the bake forgives, relative: half of it is where it begins to matter. */
  readonly forgiven = input<number | null>(null);
  readonly sides = input<BeamSides>(MEASURE_AND_WEIGHT);
  readonly size = input<'line' | 'whole' | 'mark'>('line');

  protected readonly mark = MARK;
  protected readonly tip = computed(() =>
    leanOf(this.gap(), this.tolerance(), this.forgiven(), this.sides()),
  );
  protected readonly drawing = computed(() => drawBeam(this.tip().degrees));
}
