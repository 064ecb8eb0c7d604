import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  ElementRef,
  Injector,
  computed,
  effect,
  inject,
  linkedSignal,
  signal,
  viewChild,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { isWithin } from '@ypsigram/core/fills';
import { short, techniqueFor, measureText } from '@ypsigram/contract';
import {
  BENCH_ROUTE_NAMES,
  cautionOf,
  containerName,
  moreOrLess,
  ROUTE_HINTS,
  TOP_UP_HINT,
  spoonWords,
} from '@ypsigram/contract/bench';
import {
  BENCH_ROUTES,
  inSpoons,
  liveTarget,
  type LiveTarget,
  type BenchRoute,
} from '@ypsigram/core/bench';
import { ScaleApi } from '../../../api/scale-api';
import { decimal, grams as inGrams } from '../../../kit/figures/figures';
import { problemOfTyped, rule } from '../../../kit/forms/rules';
import { ArrowRadios } from '../../../kit/keys/arrow-radios';
import { Icon } from '../../../kit/icon/icon';
import { bringTo } from '../../../kit/opened/opened';
import { drawingsOf } from '../../../kit/technique/drawings';
import { LiveScale } from '../../../scale/live-scale';
import { weighedNext } from '../../../scale/weighed-next';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { BeamPanel } from '../beam/beam-panel';
import { FillCounting, talliedName } from '../filling/fill-counting';
import { FillPanel } from '../filling/fill-panel';
import { KeepTrials } from '../filling/keep-trials';
import { TooMuch } from '../too-much/too-much';
import { BowlPicture } from '../weighing/bowl-picture';
import { LiveWeighing } from '../weighing/live-weighing';
import { keyName } from './bench-keys';
import { Preferences } from './bench-preferences';
import { BenchSession } from './bench-session';
import { MainAct } from './main-act';
import { Voice } from './voice';

/** What the figure of a weighing is. */
const LIVE_WORDS: Readonly<Record<LiveTarget['state'], string>> = {
  empty: 'wanted',
  far: 'to come',
  near: 'to come',
  at: 'from the mark: near enough',
  over: 'too much',
};

const GRAMS = rule((typed) => decimal(typed) !== null, 'Write how many grams: for example 125.');

/** The one ingredient at hand: its figure, its picture, how it is done, and the button that does it. */
@Component({
  selector: 'yg-at-hand',
  imports: [ArrowRadios, BeamPanel, BowlPicture, FillPanel, Icon, KeepTrials, TooMuch],
  templateUrl: './at-hand.html',
  styleUrl: './at-hand.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[attr.data-route]': 'line()?.route' },
})
export class AtHand {
  private readonly store = inject(Store);
  private readonly scaleApi = inject(ScaleApi);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly kitchenScales = this.store.selectSignal(kitchenFeature.selectScales);
  private readonly voice = inject(Voice);
  private readonly preferences = inject(Preferences).all;

  protected readonly session = inject(BenchSession);
  protected readonly counting = inject(FillCounting);
  protected readonly weighing = inject(LiveWeighing);
  protected readonly scale = inject(LiveScale);
  protected readonly main = inject(MainAct);
  protected readonly line = this.session.current;
  protected readonly typedProblem = signal('');

  protected readonly isWeighed = computed(() => {
    const route = this.line()?.route;
    return route === 'container' || route === 'tare' || route === 'total';
  });
  /** Before a scale says anything: what is wanted, on the grid of its scale. */
  protected readonly wanted = computed(() => {
    const line = this.line();
    if (!line?.wantedGrams) return null;
    const grid = line.line.weight?.grid ?? 1;
    return short(Math.round(line.wantedGrams / grid) * grid, 2);
  });
  /** The largest figure: what is still to come while it is being weighed, else what is wanted. */
  protected readonly figure = computed(() => {
    const line = this.line();
    if (!line) return null;
    if (line.fullness === 'full' && line.grams !== null) {
      return { value: inGrams(line.grams), unit: 'g', what: 'in' };
    }
    if (line.route === 'fill' || line.route === 'beam') return null;
    const live = this.isWeighed() ? this.weighing.live() : null;
    if (live && live.state !== 'empty' && !this.weighing.needsTare()) {
      const grid = this.scale.gridGrams();
      const left = Math.round(Math.abs(live.leftGrams) / grid) * grid;
      return {
        value: short(left, 2),
        unit: 'g',
        what: `${LIVE_WORDS[live.state]}${this.weighing.isStable() ? '' : ', moving'}`,
      };
    }
    if (line.weighedGrams !== null && line.wantedGrams !== null && line.route !== 'total') {
      // The batch grew: only what is short is still to come.
      return { value: inGrams(line.wantedGrams - line.weighedGrams), unit: 'g', what: 'to come' };
    }
    return { value: this.wanted() ?? '–', unit: 'g', what: 'wanted' };
  });
  /** What is in the bowl of the picture. */
  protected readonly pictured = computed(() => {
    const [line, target] = [this.line(), this.weighing.target()];
    if (!line || !target || this.weighing.needsTare()) return null;
    if (line.fullness === 'full' && line.grams !== null) return liveTarget(line.grams, target);
    return this.weighing.live();
  });
  /** Less than is wanted can be taken too, but never by a slip of the pedal. */
  protected readonly asItIs = computed(() => {
    const grams = this.weighing.takeable();
    const state = this.weighing.live()?.state;
    return grams !== null && (state === 'far' || state === 'near') ? short(grams, 2) : null;
  });
  protected readonly overSpoons = computed(() => {
    const [live, line] = [this.weighing.live(), this.line()];
    const isShared = line?.route === 'tare' || line?.route === 'total';
    if (live?.state !== 'over' || isShared || !line?.line.gramsPerTeaspoon) return null;
    const spoons = inSpoons(-live.leftGrams, line.line.gramsPerTeaspoon);
    return spoons && spoonWords(spoons);
  });
  /** Of a running total: what the scale is to show. */
  protected readonly untilGrams = computed(() => {
    const line = this.line();
    if (line?.route !== 'total') return null;
    const mark = this.weighing.markGrams();
    return mark === null ? null : inGrams(mark);
  });
  protected readonly routes = computed(() => {
    const current = this.line();
    const hasBeam = this.kitchenScales().some(({ kind }) => kind === 'beam');
    const can = (route: BenchRoute): boolean =>
      route === 'fill' || (!!current?.line.weight && (route !== 'beam' || hasBeam));
    return BENCH_ROUTES.filter(can).map((id) => ({
      id,
      name: BENCH_ROUTE_NAMES[id],
      isChosen: current?.route === id,
    }));
  });
  protected readonly hint = computed(() => {
    const line = this.line();
    if (!line) return '';
    const isFree = line.route === 'fill' && !line.measure;
    if (isFree) return 'Add it as the recipe says.';
    const isToppedUp = line.fullness !== 'full' && line.weighedGrams !== null;
    return isToppedUp && line.route !== 'total' ? TOP_UP_HINT : ROUTE_HINTS[line.route];
  });
  protected readonly container = computed(() => {
    const current = this.line();
    return current ? containerName(current.line, current.route) : '';
  });
  protected readonly measureText = measureText;
  /** What its label says. */
  protected readonly label = computed(() => {
    const current = this.line();
    if (!current) return '';
    const weight = current.wantedGrams === null ? null : `${this.wanted()} g`;
    const amount =
      current.route === 'fill' ? current.measure && measureText(current.measure) : weight;
    return amount ? `${current.line.name}, ${amount}` : current.line.name;
  });
  /** A weight is typed although a scale is connected. */
  protected readonly isTyping = linkedSignal<string | null, boolean>({
    source: this.session.currentId,
    computation: () => false,
  });
  private readonly method = computed(() => this.line()?.measure?.method ?? null);
  protected readonly technique = computed(() => {
    const is = this.line()?.line.class;
    return is ? techniqueFor(is, this.method()).steps.join(' ') : null;
  });
  protected readonly drawings = computed(() => {
    const is = this.line()?.line.class;
    const method = this.method();
    const isFilled = this.line()?.route === 'fill';
    return isFilled && is && method ? drawingsOf(is, method).slice(0, 2) : [];
  });
  protected readonly caution = computed(() => {
    const line = this.line();
    return line ? cautionOf(line.line) : null;
  });
  protected readonly offWord = computed(() => {
    const line = this.line();
    if (!line || line.off === null) return null;
    const { forgiven } = line.line;
    const isForgiven = forgiven !== null && isWithin(line.off, forgiven);
    const left = line.isLeft ? ', left as it is' : '';
    return {
      says: `${moreOrLess(line.off)}${isForgiven ? ': fine for this bake' : ''}${left}`,
      isForgiven,
    };
  });
  /** Taken, and too much: the ways out stay open. */
  protected readonly overGrams = computed(() => {
    const line = this.line();
    if (!line || line.isLeft) return null;
    if (line.fullness === 'full' && line.off !== null && line.off > 0) return line.grams;
    return line.fullness !== 'full' && this.weighing.isOver() ? this.weighing.takeable() : null;
  });
  protected readonly finer = computed(() => {
    if (!this.weighing.wantsFiner()) return null;
    const grid = this.line()!.line.weight!.grid;
    return this.kitchenScales().find(
      ({ gridGrams, kind }) => kind !== 'beam' && Math.abs(gridGrams - grid) < 1e-9,
    );
  });
  /** The keys that do what the large button says. */
  protected readonly goKeys = computed(() =>
    this.preferences().keys['go-on'].map(keyName).join(', '),
  );
  protected readonly isSimulated = computed(() => this.scale.description()?.isSimulated ?? false);

  private readonly injector = inject(Injector);
  private readonly typing = viewChild<string, ElementRef<HTMLElement>>('typing', {
    read: ElementRef,
  });

  constructor() {
    // The strip at the foot need not say it as well.
    this.scale.isMinded.set(true);
    inject(DestroyRef).onDestroy(() => this.scale.isMinded.set(false));
    effect(() => {
      const line = this.line()?.line;
      if (line) this.voice.say(`${line.name}. ${this.spokenAmount()}`);
    });
    // The scale's own warnings, and a pretended filler, go by what is at hand.
    effect((onCleanup) => {
      const line = this.line();
      const { ingredientId, form } = line?.line ?? {};
      if (!ingredientId) return this.scale.weighing.set(null);
      const method = line?.measure?.method ?? 'level';
      const tool = this.counting.next();
      const handId = this.session.handId();
      const what = { ingredientId, form: form ?? null, method, tool, handId };
      this.scale.weighing.set(weighedNext(what, this.shelf()));
      onCleanup(() => this.scale.weighing.set(null));
    });
  }

  /** The button gives way to the field: the keyboard goes along. */
  protected typeInstead(): void {
    this.isTyping.set(true);
    const injector = this.injector;
    afterNextRender(() => bringTo(this.typing()!.nativeElement), { injector });
  }

  /** What is at hand and how far it is, for who does not see it. A scale that moves says nothing. */
  protected readonly spoken = computed(() => {
    const line = this.line();
    if (!line) return '';
    if (line.fullness === 'full') return `${line.line.name}: done.`;
    const made = this.counting.tallies().filter(({ made }) => made > 0);
    if (line.route !== 'fill' || made.length === 0) {
      return `${line.line.name}: ${this.spokenAmount()}.`;
    }
    const tallies = made.map(
      (tally) => `${tally.made} of ${tally.fill.count} ${talliedName(tally)}`,
    );
    return `${line.line.name}: ${tallies.join(', ')}.`;
  });

  private spokenAmount(): string {
    const line = this.line();
    if (!line) return '';
    if (line.route === 'fill') return line.measure ? measureText(line.measure) : line.line.written;
    return `${this.wanted()} grams`;
  }

  protected choose(route: BenchRoute): void {
    const line = this.line();
    if (line && line.route !== route) this.session.do({ do: 'route', line: line.line.id, route });
  }

  /** A weight from a scale that is not connected. */
  protected type(text: string): boolean {
    this.typedProblem.set(problemOfTyped(GRAMS, text) ?? '');
    const shown = decimal(text);
    if (shown === null) return false;
    const isTaken = this.weighing.takeShown(shown);
    if (!isTaken) {
      const before = inGrams(this.weighing.baseGrams());
      this.typedProblem.set(
        `${before} g were in the bowl before. Type all that the scale shows now.`,
      );
    }
    return isTaken;
  }

  protected useFiner(): void {
    const finer = this.finer();
    if (!finer) return;
    this.scaleApi.simulate({ do: 'use', scale: finer.name }).subscribe({
      next: ({ scale }) => this.scale.changed(scale),
      error: () => this.typedProblem.set('The other scale could not be reached.'),
    });
  }

  protected again(): void {
    const line = this.line();
    if (line) this.session.do({ do: 'empty', line: line.line.id });
  }

  protected cover(isCovered: boolean): void {
    const line = this.line();
    if (line) this.session.do({ do: 'cover', line: line.line.id, isCovered });
  }
}
