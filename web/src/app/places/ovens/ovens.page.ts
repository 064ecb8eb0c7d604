import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { KitchenOven } from '@ypsigram/contract';
import { dialFor, ovenOffset, realHeat } from '@ypsigram/core/baking';
import { celsiusOf, degreesOf, DEGREES } from '../../kit/figures/heat';
import { decimal } from '../../kit/figures/figures';
import { showDay } from '../../kit/figures/dates';
import { showDial, showGasMark, showHeat } from '../../kit/figures/oven-heat';
import { Icon } from '../../kit/icon/icon';
import { Picture } from '../../kit/picture/picture';
import { Retry } from '../../kit/retry/retry';
import { kitchenActions, kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { ovenLineChart } from './oven-line-chart';
import { Thermometer } from './thermometer';
import { KitchenSaved } from '../../kit/kitchen-saved/kitchen-saved';

/** The heats that recipes ask for most, in °C: what the dial is told for. */
const ASKED_FOR = [150, 163, 177, 190, 204, 220];
const CHART_PIXELS = 280;
const COOLEST = 60;
const HOTTEST = 320;

/** The ovens of this kitchen: what a thermometer showed in each, and what to set its dial to. */
@Component({
  selector: 'yg-ovens-page',
  imports: [KitchenSaved, Icon, Picture, Retry, RouterLink],
  templateUrl: './ovens.page.html',
  styleUrl: './ovens.page.scss',
  providers: [Thermometer],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OvensPage {
  private readonly store = inject(Store);
  protected readonly thermometer = inject(Thermometer);
  protected readonly kitchen = this.store.selectSignal(kitchenFeature.selectKitchenState);
  protected readonly ovens = this.store.selectSignal(kitchenFeature.selectOvens);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  protected readonly unit = computed(() => this.formats().temperature);
  protected readonly sign = computed(() => DEGREES[this.unit()]);
  protected readonly problem = signal('');
  protected readonly chartPixels = CHART_PIXELS;

  protected readonly name = linkedSignal<string | null>(() => this.ovens()[0]?.name ?? null);
  protected readonly oven = computed(
    () => this.ovens().find(({ name }) => name === this.name()) ?? this.ovens()[0] ?? null,
  );
  protected readonly isFan = signal(false);
  private readonly offset = computed(() => {
    const oven = this.oven();
    return oven && ovenOffset(oven.readings, this.isFan() && oven.hasFan);
  });
  private readonly mine = computed(
    () => this.oven()?.readings.filter(({ isFan }) => isFan === this.isFan()) ?? [],
  );
  protected readonly readings = computed(() =>
    this.mine().map((reading) => ({
      reading,
      set: showHeat(reading.setCelsius, this.unit()),
      read: showHeat(reading.readCelsius, this.unit()),
      day: showDay(reading.at, this.formats().dateOrder),
    })),
  );
  /** How wrong the dial is, in a sentence. */
  protected readonly told = computed(() => {
    const offset = this.offset();
    if (!offset) return null;
    const { celsius, high } = realHeat(offset, 180);
    const by = celsius - 180;
    const scale = this.unit() === 'fahrenheit' ? 9 / 5 : 1;
    const much = Math.round(Math.abs(by) * scale);
    const doubt = Math.max(1, Math.round((high - celsius) * scale));
    const size = `${much} ± ${doubt} ${this.sign()}`;
    return Math.abs(by) < high - celsius
      ? `It may be right: ${size} ${by < 0 ? 'colder' : 'hotter'} than its dial by these readings.`
      : `It is ${size} ${by < 0 ? 'colder' : 'hotter'} than its dial says.`;
  });
  protected readonly dials = computed(() => {
    const offset = this.offset();
    if (!offset) return [];
    return ASKED_FOR.map((celsius) => ({
      wanted: showHeat(celsius, this.unit()),
      gas: showGasMark(celsius),
      set: showDial(dialFor(offset, celsius), this.unit()),
    }));
  });
  protected readonly chart = computed(() => {
    const offset = this.offset();
    return offset && ovenLineChart(this.mine(), offset, this.unit());
  });
  protected readonly table = computed(() => ({
    columns: ['day', `dial ${this.sign()}`, `thermometer ${this.sign()}`],
    rows: this.mine().map(({ at, setCelsius, readCelsius }) => [
      showDay(at, this.formats().dateOrder),
      String(Math.round(degreesOf(setCelsius, this.unit()))),
      String(Math.round(degreesOf(readCelsius, this.unit()))),
    ]),
  }));
  protected readonly shown = computed(() => {
    const reading = this.thermometer.reading();
    return reading && Math.round(degreesOf(reading.celsius, this.unit()));
  });
  protected readonly dialNow = computed(() => {
    const oven = this.thermometer.oven();
    return oven ? Math.round(degreesOf(oven.dialCelsius, this.unit())) : null;
  });

  protected add(name: string, hasFan: boolean): void {
    const typed = name.trim();
    const isTaken = this.ovens().some((oven) => oven.name === typed);
    this.problem.set(
      typed === ''
        ? 'Give the oven a name.'
        : isTaken
          ? `There is already a “${typed}”. Choose another name.`
          : '',
    );
    if (this.problem()) return;
    this.keep({ name: typed, hasFan, readings: [] });
    this.name.set(typed);
  }

  protected record(set: string, read: string): void {
    const [dial, shown] = [decimal(set), decimal(read)];
    const unit = this.unit();
    const isHeat = (degrees: number | null): boolean =>
      degrees !== null &&
      celsiusOf(degrees, unit) >= COOLEST &&
      celsiusOf(degrees, unit) <= HOTTEST;
    this.problem.set(
      isHeat(dial) && isHeat(shown)
        ? ''
        : `Write what the dial is set to and what the thermometer shows, in ${this.sign()}.`,
    );
    const oven = this.oven();
    if (this.problem() || !oven) return;
    const reading = {
      setCelsius: celsiusOf(dial!, unit),
      readCelsius: celsiusOf(shown!, unit),
      isFan: this.isFan(),
      at: new Date().toISOString(),
    };
    this.keep({ ...oven, readings: [...oven.readings, reading] });
  }

  protected forget(of: KitchenOven['readings'][number]): void {
    const oven = this.oven();
    if (oven) this.keep({ ...oven, readings: oven.readings.filter((one) => one !== of) });
  }

  protected remove(): void {
    const oven = this.oven();
    if (oven) this.store.dispatch(kitchenChanges.ovenRemoved({ name: oven.name }));
  }

  protected undo(): void {
    this.store.dispatch(kitchenChanges.changeUndone());
  }

  protected again(): void {
    this.store.dispatch(kitchenActions.saveWanted());
  }

  protected heat(degrees: string): void {
    const typed = decimal(degrees);
    if (typed === null) return;
    const dialCelsius = celsiusOf(typed, this.unit());
    this.thermometer.turn({ do: 'set', dialCelsius, isFan: this.isFan() });
  }

  private keep(oven: KitchenOven): void {
    this.store.dispatch(kitchenChanges.ovenKept({ oven }));
  }
}
