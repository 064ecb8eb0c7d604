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
import { Store } from '@ngrx/store';
import {
  SCALE_UNITS_SHOWN,
  amongMarks,
  jugMessage,
  scaleFigure,
  seenMessage,
} from '@ypsigram/contract/practice';
import { midpoint, readAmount } from '@ypsigram/core/amount';
import {
  HIGHEST_EYE,
  eyeAt,
  facingOf,
  levelOf,
  lookingDown,
  scoreJug,
  stepOf,
  type JugScore,
  type JugTask,
  type JugView,
} from '@ypsigram/core/practice';
import { millilitresIn } from '@ypsigram/core/units';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { JugPicture } from './jug-picture';
import { Pouring } from './pouring';

/** What a short press, or a key, pours: never more than a hundredth of what is asked for. */
const A_LITTLE = 2;
const A_LITTLE_SHARE = 0.01;
/** Dragging the picture so many pixels moves the eye by a millimetre. */
const PIXELS_A_MILLIMETRE = 0.9;

/** More than this cannot be in it: it would stand over the brim. */
const OVER_THE_MARKS = 1.1;

const ASKS: Readonly<Record<JugTask['kind'], string>> = {
  pour: 'Pour in',
  slanted: 'Pour in',
  tilted: 'Pour in',
  read: 'How much is in it?',
};

/** A jug to pour into or to read: the eye, the board and the pouring are in the learner's hands. */
@Component({
  selector: 'yg-jug-task',
  imports: [JugPicture],
  templateUrl: './jug-task.html',
  styleUrl: './jug-task.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class JugTaskView implements OnDestroy {
  readonly task = input.required<JugTask>();
  readonly done = output<JugScore>();

  private readonly standard = inject(Store).selectSignal(kitchenFeature.selectStandard);
  private drag: { readonly y: number; readonly height: number } | null = null;

  protected readonly highest = HIGHEST_EYE;
  protected readonly eyeHeight = signal(0);
  protected readonly tilt = signal(0);
  protected readonly poured = signal(0);
  protected readonly score = signal<JugScore | null>(null);
  protected readonly problem = signal<string | null>(null);
  /** Which of both is shown once it is over: what the eye saw, or what was there. */
  protected readonly isTruth = signal(false);
  protected readonly pourIn = new Pouring((millilitres) => this.pour(millilitres));
  protected readonly pourBack = new Pouring((millilitres) => this.pour(-millilitres));

  protected readonly isReading = computed(() => this.task().kind === 'read');
  protected readonly cup = computed(() => millilitresIn('cup', this.standard()).valueOf());
  protected readonly ounce = computed(() => millilitresIn('fl-oz', this.standard()).valueOf());
  private readonly inJug = computed(() =>
    this.isReading() ? this.task().millilitres : this.poured(),
  );
  private readonly eye = computed(() => eyeAt(this.eyeHeight()));
  private readonly unitMillilitres = computed(
    () => ({ cup: this.cup(), 'fl-oz': this.ounce(), ml: 1 })[this.task().scale],
  );
  protected readonly unit = computed(() => SCALE_UNITS_SHOWN[this.task().scale]);
  protected readonly ask = computed(() => {
    const { kind, millilitres } = this.task();
    if (kind === 'read') return ASKS.read;
    const count = millilitres / this.unitMillilitres();
    const unit = this.task().scale === 'cup' && count <= 1 ? 'cup' : this.unit();
    return `${ASKS[kind]} ${scaleFigure(count)} ${unit}`;
  });
  protected readonly hint = computed(() => {
    switch (this.task().kind) {
      case 'slanted':
        return 'The scale lies on a slope inside, to be read from above.';
      case 'tilted':
        return 'The board may not be level.';
      default:
        return 'The eye starts where you stand. Drag it, or use the slider.';
    }
  });
  protected readonly view = computed<JugView>(() => {
    const { jug, kind } = this.task();
    const isTruth = this.isTruth();
    const millilitres = this.inJug();
    return {
      jug,
      millilitres,
      eye: isTruth && kind !== 'slanted' ? eyeAt(levelOf(jug, millilitres)) : this.eye(),
      tilt: isTruth ? 0 : this.tilt(),
      isSlanted: kind === 'slanted',
      facing: facingOf(this.task()),
    };
  });
  /** How steeply the eye looks onto the mark that is asked for, in degrees. */
  private readonly steep = computed(() => {
    const { jug, millilitres } = this.task();
    return lookingDown(this.eye(), levelOf(jug, millilitres));
  });
  protected readonly eyeText = computed(() => {
    const steep = Math.round(this.steep());
    if (steep === 0) return 'level with the line';
    return steep > 0 ? `${steep}° above the line` : `${-steep}° below the line`;
  });
  /** What the eye reads, for whoever does not see the picture: no more and no less than it shows. */
  protected readonly spoken = computed(() => {
    if (this.score() !== null) return '';
    if (this.inJug() === 0) return `The jug is empty. The eye is ${this.eyeText()}.`;
    const { seen } = scoreJug(this.task(), this.eye(), this.inJug(), this.tilt());
    const { jug, scale } = this.task();
    const place = amongMarks(seen, scale, {
      step: stepOf(jug, scale),
      unit: this.unitMillilitres(),
    });
    return `The eye is ${this.eyeText()}. From there the bottom of the curve looks to be ${place}.`;
  });
  protected readonly message = computed(() => {
    const score = this.score();
    return score && jugMessage(score, this.isReading());
  });
  protected readonly saw = computed(() => {
    const score = this.score();
    return score && seenMessage(score, this.inJug());
  });

  constructor() {
    effect(() => {
      const { eyeHeight, tilt } = this.task();
      untracked(() => {
        this.eyeHeight.set(eyeHeight);
        this.tilt.set(tilt);
        this.poured.set(0);
        this.score.set(null);
        this.problem.set(null);
        this.isTruth.set(false);
      });
    });
  }

  ngOnDestroy(): void {
    this.pourIn.end();
    this.pourBack.end();
  }

  protected moveEye(height: number): void {
    if (this.score() === null) this.eyeHeight.set(Math.min(HIGHEST_EYE, Math.max(0, height)));
  }

  protected grab(event: PointerEvent): void {
    this.drag = { y: event.clientY, height: this.eyeHeight() };
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  }

  protected move(event: PointerEvent): void {
    if (!this.drag) return;
    const down = event.clientY - this.drag.y;
    this.moveEye(this.drag.height - down / PIXELS_A_MILLIMETRE);
  }

  protected letGo(): void {
    this.drag = null;
  }

  protected pour(millilitres: number): void {
    if (this.score() !== null) return;
    const brim = this.task().jug.holds * 1.12;
    this.poured.update((before) => Math.min(brim, Math.max(0, before + millilitres)));
  }

  /** A key, or a press too short to pour: a little. */
  protected little(event: MouseEvent, by: 1 | -1): void {
    if (event.detail === 0) this.pourALittle(by);
  }

  protected pourALittle(by: 1 | -1): void {
    this.pour(by * Math.min(A_LITTLE, A_LITTLE_SHARE * this.task().millilitres));
  }

  protected finish(): void {
    this.judge(this.poured());
  }

  protected say(text: string): void {
    const found = readAmount(text.trim());
    const isWhole = found !== null && found.length === text.trim().length;
    const read = isWhole ? midpoint(found.amount).valueOf() * this.unitMillilitres() : 0;
    const { jug, scale } = this.task();
    const { holds } = jug;
    const step = stepOf(jug, scale);
    const highest = Math.floor(holds / step + 1e-9) * step;
    const most = `${scaleFigure(highest / this.unitMillilitres())} ${this.unit()}`;
    this.problem.set(
      !isWhole
        ? `Write what you read, in ${this.unit()}. For example: 1 1/2.`
        : read > OVER_THE_MARKS * holds
          ? `The jug’s highest mark is ${most}. You read ${this.unit()}.`
          : null,
    );
    if (this.problem() === null) this.judge(read);
  }

  private judge(given: number): void {
    if (this.score() !== null) return;
    const score = scoreJug(this.task(), this.eye(), given, this.tilt());
    this.score.set(score);
    this.done.emit(score);
  }
}
