import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { PAN_NAMES, RACK_NAMES, TESTER_NAMES } from '@ypsigram/contract/oven';
import { minutesIn, minutesInPan } from '@ypsigram/core/bench';
import { showTime } from '../../../kit/figures/dates';
import { showHeat } from '../../../kit/figures/oven-heat';
import { showMinutes } from '../../../kit/figures/minutes';
import { BakeSession } from '../../../state/bake/bake-session';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';

/** The oven of a bake and the times of its trays. */
@Component({
  selector: 'yg-oven-times',
  template: `
    @if (oven() || trays().length > 0) {
      <section class="enamel" aria-labelledby="oven">
        <h2 id="oven">Oven</h2>
        <p>{{ oven() }}</p>
        <ul>
          @for (tray of trays(); track $index) {
            <li>{{ tray }}</li>
          }
        </ul>
      </section>
    }
  `,
  styles: `
    section {
      padding: 0.7rem 1rem;
    }
    h2 {
      font-size: 1.2rem;
    }
    p,
    ul {
      margin: 0.2rem 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OvenTimes {
  private readonly session = inject(BakeSession);
  private readonly formats = inject(Store).selectSignal(kitchenFeature.selectFormats);
  private readonly after = computed(() => this.session.state()?.after ?? null);

  protected readonly oven = computed(() => {
    const set = this.after()?.oven;
    if (!set) return '';
    const unit = this.formats().temperature;
    const name = set.oven ?? 'an oven';
    const fan = set.isFan ? ', fan on' : '';
    const pan = set.pan === 'as-written' ? '' : `, ${PAN_NAMES[set.pan]}`;
    return `${name}${fan}: set ${showHeat(set.dialCelsius, unit)} for ${showHeat(set.wantedCelsius, unit)}, ${RACK_NAMES[set.rack]}${pan}.`;
  });
  protected readonly trays = computed(() =>
    (this.after()?.trays ?? []).map((tray) => {
      const [oven, pan] = [minutesIn(tray), minutesInPan(tray)];
      const looks = tray.looks.map(
        ({ at, found }) => `${TESTER_NAMES[found].toLowerCase()} at ${showTime(at)}`,
      );
      return [
        `Tray ${tray.tray}${tray.inAt ? ` in at ${showTime(tray.inAt)}` : ''}`,
        oven === null ? '' : `${showMinutes(oven)} in the oven`,
        ...looks,
        pan === null ? '' : `${showMinutes(pan)} in its pan`,
      ]
        .filter((part) => part !== '')
        .join(', ');
    }),
  );
}
