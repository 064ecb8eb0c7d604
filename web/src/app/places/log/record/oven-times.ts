import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { PAN_NAMES, RACK_NAMES, TESTER_NAMES } from '@ypsigram/contract/oven';
import { short } from '@ypsigram/contract';
import { minutesIn, minutesInPan } from '@ypsigram/core/bench';
import { isBelievable } from '@ypsigram/core/diagnosis';
import { showTime } from '../../../kit/figures/dates';
import { decimal } from '../../../kit/figures/figures';
import { showHeat } from '../../../kit/figures/oven-heat';
import { showMinutes } from '../../../kit/figures/minutes';
import { BakeSession } from '../../../state/bake/bake-session';
import { selectWalk } from '../../../state/bake/bake-walk';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';

/** Nothing is baked for longer than two days. */
const MOST_MINUTES = 2880;

/** The oven of a bake and the times of its trays, which can be put right. */
@Component({
  selector: 'yg-oven-times',
  template: `
    @if (oven() || trays().length > 0) {
      <section class="enamel" aria-labelledby="oven">
        <h2 id="oven">Oven</h2>
        <p>{{ oven() }}</p>
        <ul>
          @for (tray of trays(); track tray.number) {
            <li>
              {{ tray.said }}
              @if (tray.isDoubted) {
                <b>Is that right? The recipe says {{ said() }}.</b>
              }
              @if (tray.minutes !== null) {
                <label class="fix">
                  <span>In the oven, min</span>
                  <input
                    #minutes
                    class="form-control"
                    inputmode="decimal"
                    [value]="tray.minutes"
                    (change)="fix(tray.number, minutes.value)"
                  />
                </label>
              }
            </li>
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
    .fix {
      display: flex;
      align-items: center;
      gap: 0.4rem;
    }
    .fix input {
      width: 5rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OvenTimes {
  private readonly session = inject(BakeSession);
  private readonly formats = inject(Store).selectSignal(kitchenFeature.selectFormats);
  private readonly walk = inject(Store).selectSignal(selectWalk);
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
      const said = [
        `Tray ${tray.tray}${tray.inAt ? ` in at ${showTime(tray.inAt)}` : ''}`,
        oven === null ? '' : `${showMinutes(oven)} in the oven`,
        ...looks,
        pan === null ? '' : `${showMinutes(pan)} in its pan`,
      ]
        .filter((part) => part !== '')
        .join(', ');
      const range = this.walk().inOven;
      return {
        number: tray.tray,
        said,
        minutes: oven === null ? null : short(oven, 1),
        isDoubted: oven !== null && range !== null && !isBelievable(oven, range),
      };
    }),
  );
  protected readonly said = computed(() => {
    const range = this.walk().inOven;
    return range ? showMinutes(range.min, range.max) : '';
  });

  /** What the taps say is put right; what is no figure changes nothing. */
  protected fix(tray: number, typed: string): void {
    const minutes = decimal(typed);
    if (minutes !== null && minutes > 0 && minutes <= MOST_MINUTES) {
      this.session.do({ do: 'tray-minutes', tray, minutes });
    }
  }
}
