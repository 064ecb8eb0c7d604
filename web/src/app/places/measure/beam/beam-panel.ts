import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { beamWords } from '@ypsigram/contract/bench';
import { beamSetting } from '@ypsigram/core/bench';
import { BEAM_NOTCH_GRAMS } from '@ypsigram/core/drawer';
import { grams as inGrams } from '../../../kit/figures/figures';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { BenchSession } from '../work/bench-session';

/** The poise runs along so much of the drawing, in 64 notches. */
const FROM = 150;
const LENGTH = 230;
const NOTCHES = 64;

/** How the beam is set for the line at hand: loose weights, poise and notch. */
@Component({
  selector: 'yg-beam-panel',
  templateUrl: './beam-panel.html',
  styleUrl: './beam-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BeamPanel {
  private readonly session = inject(BenchSession);
  private readonly scales = inject(Store).selectSignal(kitchenFeature.selectScales);

  protected readonly setting = computed(() =>
    beamSetting(this.session.current()?.wantedGrams ?? 0),
  );
  protected readonly words = computed(() => beamWords(this.setting()));
  protected readonly grams = computed(() => inGrams(this.setting().grams));
  protected readonly wanted = computed(() => inGrams(this.session.current()?.wantedGrams ?? 0));
  /** The nearest notch is further off than is near enough. */
  protected readonly isCoarse = computed(() => {
    const { grams } = this.setting();
    const current = this.session.current();
    if (!current?.wantedGrams) return false;
    const near = Math.max(current.line.tolerance ?? 0, 0.01) * current.wantedGrams;
    return Math.abs(grams - current.wantedGrams) > near;
  });
  protected readonly loose = computed(() => this.setting().weights.map((_, at) => 30 + at * 26));
  protected readonly poise = computed(() => FROM + (LENGTH * this.setting().notches) / NOTCHES);
  /** A mark for each ounce, longer at each quarter pound. */
  protected readonly marks = Array.from({ length: 17 }, (_, ounce) => ({
    x: FROM + (LENGTH * ounce) / 16,
    long: ounce % 4 === 0,
    ounce,
  }));
  protected readonly beamName = computed(
    () => this.scales().find(({ kind }) => kind === 'beam')?.name ?? 'beam scale',
  );
  protected readonly notchGrams = inGrams(BEAM_NOTCH_GRAMS);
}
