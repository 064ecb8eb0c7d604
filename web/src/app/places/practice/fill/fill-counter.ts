import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
  untracked,
  type OnDestroy,
} from '@angular/core';
import {
  MOST_DEGREES,
  explainFill,
  fillBy,
  gramsIn,
  startFilling,
  targetGrams,
  type FillAct,
  type FillReason,
  type FillTask,
  type PractisedFilling,
} from '@ypsigram/core/practice';
import { grams } from '../../../kit/figures/figures';
import { PracticeDesk } from '../practice-desk';
import {
  LOOKS,
  bladeInWords,
  contentsInWords,
  contentsPath,
  heapHeight,
  specksOf,
} from './counter-drawing';
import { measureShape } from './measure-shape';

/** A spoon lets so much fall in, in millilitres a second, while it is held. */
const SPOON_A_SECOND = 90;
const BEAT_MILLISECONDS = 50;
/** One spoonful, for a press that is not held. */
const SPOONFUL = 25;
/** A hand holds the blade so far from flat until it is looked at, in degrees. */
const UNSTEADY_DEGREES = 9;
/** Moving the pointer so far tilts the blade by one degree. */
const UNITS_A_DEGREE = 2.6;
/** The blade waits so far over the rim, or over the heap on it. */
const BLADE_OVER_RIM = 16;
/** The drawing is so wide. */
const WIDTH = 780;
/** Pushing the cup to and fro this far is a tap. */
const TAP_UNITS = 14;

/** Drawing the blade this far across the cup sweeps. */
const SWEEP_UNITS = 90;

/** What is held on the drawing, where it was taken hold of, and how far across it was moved. */
interface Drag {
  readonly of: 'blade' | 'cup';
  readonly x: number;
  readonly y: number;
  readonly across: number;
  readonly hasTapped: boolean;
}

/** What a pretended fill came to. */
export interface PretendedFill {
  readonly grams: number;
  readonly reasons: readonly FillReason[];
}

/**
 * The counter, drawn: bin, paper, cup, blade and scale. What is done with the pointer on the
 * drawing can be done with the buttons below as well.
 */
@Component({
  selector: 'yg-fill-counter',
  templateUrl: './fill-counter.html',
  styleUrl: './fill-counter.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FillCounter implements OnDestroy {
  readonly task = input.required<FillTask>();
  /** Weighed once, and no second time: what comes next is somebody else's to say. */
  readonly isOnce = input(false);
  readonly weighed = output<PretendedFill>();

  private readonly desk = inject(PracticeDesk);
  private beat: ReturnType<typeof setInterval> | null = null;
  private hasFallen = false;
  private drag: Drag | null = null;
  private dragScale = 1;
  private degreesBefore = 0;

  protected readonly shape = computed(() => measureShape(this.task().size));
  protected readonly mostDegrees = MOST_DEGREES;
  protected readonly filling = signal<PractisedFilling | null>(null);
  protected readonly degrees = signal(0);
  protected readonly shown = signal<string | null>(null);
  protected readonly isSpooning = signal(false);

  protected readonly contents = computed(() => {
    const filling = this.filling();
    return filling && contentsPath(filling, this.shape());
  });
  protected readonly specks = computed(() => {
    const filling = this.filling();
    return filling ? specksOf(filling, this.shape()) : [];
  });
  protected readonly look = computed(() => LOOKS[this.task().ingredient.class]);
  protected readonly bladeY = computed(() => {
    const filling = this.filling();
    const shape = this.shape();
    return shape.rim - BLADE_OVER_RIM - (filling ? heapHeight(filling, shape) : 0);
  });
  protected readonly inWords = computed(() => {
    const filling = this.filling();
    if (!filling) return '';
    const measure = this.task().size === 'cup' ? 'cup' : 'spoon';
    return `The ${measure} is ${contentsInWords(filling)}. The blade ${bladeInWords(this.degrees())}.`;
  });
  protected readonly canStir = computed(() => (this.filling()?.material.settling ?? 1) > 1);
  protected readonly canSift = computed(() => (this.filling()?.material.sifted ?? null) !== null);
  protected readonly canDip = computed(() => (this.filling()?.material.dipped ?? null) !== null);
  protected readonly bladeText = computed(() => bladeInWords(this.degrees()));

  constructor() {
    effect(() => {
      this.task();
      untracked(() => this.begin());
    });
  }

  ngOnDestroy(): void {
    this.release();
  }

  /** A clean cup, a bin that has stood, a blade that is held anyhow. */
  begin(): void {
    this.release();
    const random = this.desk.random();
    this.filling.set(startFilling(this.task(), random));
    const slant = (0.35 + 0.65 * random.uniform()) * UNSTEADY_DEGREES;
    this.degrees.set(Math.round(random.uniform() < 0.5 ? -slant : slant));
    this.shown.set(null);
  }

  protected do(act: FillAct): void {
    const filling = this.filling();
    if (filling && this.shown() === null) this.filling.set(fillBy(filling, act));
  }

  /** The spoon lets fall for as long as it is held. */
  protected hold(event: PointerEvent): void {
    if (event.button !== 0 || this.shown() !== null) return;
    this.release();
    this.hasFallen = false;
    this.isSpooning.set(true);
    this.beat = setInterval(() => this.spoon(), BEAT_MILLISECONDS);
    window.addEventListener('pointerup', this.release, { once: true });
    window.addEventListener('pointercancel', this.release, { once: true });
  }

  protected readonly release = (): void => {
    if (this.beat) clearInterval(this.beat);
    this.beat = null;
    this.isSpooning.set(false);
    window.removeEventListener('pointerup', this.release);
    window.removeEventListener('pointercancel', this.release);
  };

  /** A press of a key, or one too short to let anything fall, is a spoonful. */
  protected spoonful(): void {
    if (!this.hasFallen) this.do({ do: 'spoon', millilitres: SPOONFUL });
    this.hasFallen = false;
  }

  private spoon(): void {
    this.hasFallen = true;
    const luck = 0.7 + 0.6 * this.desk.random().uniform();
    const millilitres = (SPOON_A_SECOND * BEAT_MILLISECONDS * luck) / 1000;
    this.do({ do: 'spoon', millilitres });
  }

  /** Takes hold of the blade's end, or of the cup, on the drawing. */
  protected grab(of: 'blade' | 'cup', event: PointerEvent): void {
    if (event.button !== 0 || this.shown() !== null) return;
    const svg = (event.currentTarget as SVGElement).ownerSVGElement!;
    this.dragScale = WIDTH / svg.getBoundingClientRect().width;
    this.drag = { of, x: event.clientX, y: event.clientY, across: 0, hasTapped: false };
    this.degreesBefore = this.degrees();
    (event.currentTarget as SVGElement).setPointerCapture(event.pointerId);
  }

  protected move(event: PointerEvent): void {
    const { drag } = this;
    if (!drag) return;
    const across = (event.clientX - drag.x) * this.dragScale;
    if (drag.of === 'blade') {
      const up = (drag.y - event.clientY) * this.dragScale;
      this.drag = { ...drag, across };
      this.tilt(this.degreesBefore + up / UNITS_A_DEGREE);
    } else if (Math.abs(across) > TAP_UNITS) {
      this.drag = { ...drag, x: event.clientX, hasTapped: true };
      this.do({ do: 'tap' });
    }
  }

  /** A blade that was drawn across sweeps; a push on the cup that was no shake presses. */
  protected letGo(): void {
    const { drag } = this;
    this.drag = null;
    if (drag?.of === 'cup' && !drag.hasTapped) this.do({ do: 'press' });
    if (drag?.of === 'blade' && Math.abs(drag.across) > SWEEP_UNITS) this.sweep();
  }

  protected tilt(degrees: number): void {
    this.degrees.set(Math.max(-MOST_DEGREES, Math.min(MOST_DEGREES, Math.round(degrees))));
  }

  protected sweep(): void {
    this.do({ do: 'sweep', degrees: this.degrees() });
  }

  protected weigh(): void {
    const filling = this.filling();
    const target = targetGrams(this.task());
    if (!filling || target === null || this.shown() !== null) return;
    const weight = gramsIn(filling);
    this.shown.set(grams(weight));
    this.weighed.emit({ grams: weight, reasons: explainFill(filling, target) });
  }
}
