import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { SCALE_UNIT_NAMES } from '@ypsigram/contract';
import type { ScaleUnit } from '@ypsigram/core/bench';
import { Icon } from '../kit/icon/icon';
import { LiveScale } from './live-scale';
import { SimulationPanel } from './simulation-panel';
import { Opened } from '../kit/opened/opened';

const WORDS = {
  off: 'asleep',
  overload: 'too much',
  underload: 'too little',
} as const;

/** The live scale at the foot of every place, once it is connected. */
@Component({
  selector: 'yg-scale-strip',
  imports: [Opened, Icon, SimulationPanel],
  templateUrl: './scale-strip.html',
  styleUrl: './scale-strip.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScaleStrip {
  protected readonly scale = inject(LiveScale);
  protected readonly isSimulating = signal(false);
  protected readonly reading = this.scale.reading;
  protected readonly isSimulated = computed(() => this.scale.description()?.isSimulated ?? false);
  protected readonly name = computed(() => this.scale.description()?.name ?? 'scale');
  protected readonly units = computed(() =>
    (this.scale.description()?.units ?? []).map((id) => ({ id, name: SCALE_UNIT_NAMES[id] })),
  );
  protected readonly shown = computed(() => this.reading()?.shown || '–');
  protected readonly unitName = computed(() => {
    const reading = this.reading();
    if (!reading?.shown) return '';
    return reading.unit === 'lb-oz' ? 'oz' : SCALE_UNIT_NAMES[reading.unit];
  });
  protected readonly state = computed(() => {
    const reading = this.reading();
    switch (this.scale.status()) {
      case 'connecting':
        return 'connecting';
      case 'lost':
        return 'reconnecting';
      default:
        if (!reading) return '';
        if (reading.state !== 'on') return WORDS[reading.state];
        if (!reading.isStable) return 'settling';
        return reading.tareGrams ? 'steady, net' : 'steady';
    }
  });
  protected readonly spoken = computed(() => `${this.shown()} ${this.unitName()}, ${this.state()}`);

  protected chooseUnit(unit: string): void {
    this.scale.setUnit(unit as ScaleUnit);
  }
}
