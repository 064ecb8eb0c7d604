import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { PAN_NAMES, RACK_NAMES } from '@ypsigram/contract/oven';
import { wantedHeat } from '@ypsigram/core/baking';
import { PANS, type PanKind } from '@ypsigram/core/baking/steps';
import { RACKS, type Rack } from '@ypsigram/core/bench';
import { FAN_OFFSET } from '@ypsigram/core/units';
import { showDial, showGasMark, showHeatApart } from '../../../kit/figures/oven-heat';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { OvenSession } from '../oven-session';

/** How the oven is to be set: what is wanted, what its dial has to say, and by what. */
@Component({
  selector: 'yg-heat-panel',
  imports: [RouterLink],
  templateUrl: './heat-panel.html',
  styleUrl: './heat-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HeatPanel {
  protected readonly session = inject(OvenSession);
  private readonly formats = inject(Store).selectSignal(kitchenFeature.selectFormats);

  protected readonly racks = RACKS.map((id) => ({ id, name: RACK_NAMES[id] }));
  protected readonly pans = PANS.map((id) => ({ id, name: PAN_NAMES[id] }));
  protected readonly set = this.session.oven;
  protected readonly shown = computed(() => {
    const set = this.set();
    if (!set) return null;
    const unit = this.formats().temperature;
    const offset = this.session.offsetOf(set.oven, set.isFan);
    const heat = this.session.bakeStep()?.heat;
    const isRule = !!heat && !wantedHeat(heat, set.isFan).isWritten;
    const gas = set.isFan ? '' : showGasMark(set.wantedCelsius);
    const asGas = gas === '' ? '' : `Gas: ${gas.replace('gas ', '')}.`;
    return {
      // A heat of another scale is no whole figure of this one: 180 °C is 355 °F, as dials are set.
      wanted: showDial(set.wantedCelsius, unit),
      dial: showDial(set.dialCelsius, unit),
      gas: asGas,
      rule: isRule
        ? `With the fan ${showHeatApart(FAN_OFFSET, unit)} less than without: a rule of thumb.`
        : '',
      by: offset
        ? `By ${offset.readings} ${offset.readings === 1 ? 'reading' : 'readings'} of a thermometer.`
        : 'Nobody has measured this oven: the dial is taken at its word.',
    };
  });
  protected readonly hasFan = computed(
    () => this.session.ovens().find(({ name }) => name === this.set()?.oven)?.hasFan ?? true,
  );

  protected chooseRack(rack: string): void {
    this.session.setOven({ rack: rack as Rack });
  }

  protected choosePan(pan: string): void {
    this.session.setOven({ pan: pan as PanKind });
  }

  protected chooseOven(name: string): void {
    const oven = this.session.ovens().find((one) => one.name === name);
    this.session.setOven({
      oven: oven?.name ?? null,
      ...(oven && !oven.hasFan && { isFan: false }),
    });
  }
}
