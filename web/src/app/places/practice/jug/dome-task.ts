import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  input,
  output,
  signal,
  untracked,
  type OnDestroy,
} from '@angular/core';
import { domeMessage } from '@ypsigram/contract/practice';
import {
  DROP_MILLILITRES,
  HIGHEST_DOME,
  domeHeight,
  domeVolume,
  scoreDome,
  spoonDepth,
  type DomeScore,
  type DomeTask,
} from '@ypsigram/core/practice';
import { Pouring } from './pouring';

/** A spoon is filled from a bottle that drips: so much slower than a jug. */
const DRIP_SHARE = 0.035;
/** What is left standing after it has run over, as a share of the highest dome. */
const LEFT_STANDING = 0.5;

/** Nobody sees a dome, or a hollow, of less than this, in millimetres. */
const JUST_SEEN = 0.15;
/** From here on a dome is about to run over, as a share of the highest. */
const NEARLY_OVER = 0.6;

/** What can be seen of the surface, in words: no more than an eye at the rim sees. */
function surfaceInWords({ dome, isGood, relative }: DomeScore): string {
  if (relative < -0.75) return 'nearly empty';
  if (!isGood && dome < 0) return 'below the rim';
  if (dome < JUST_SEEN) return 'just at the rim';
  if (isGood) return 'a slight dome';
  return dome < NEARLY_OVER * HIGHEST_DOME ? 'a clear dome' : 'a high dome, about to run over';
}

/** A spoon seen from the side, to be filled to a slight dome. */
@Component({
  selector: 'yg-dome-task',
  template: `
    <p class="ask">
      <b>Fill 1 {{ task().unit }}</b>
      <span class="soft">to a slight dome, and no hill.</span>
    </p>
    <svg [attr.viewBox]="drawn().box" aria-hidden="true" focusable="false">
      <path class="liquid" [attr.d]="drawn().liquid" />
      <path class="bowl" [attr.d]="drawn().bowl" />
      <path class="rim" [attr.d]="drawn().line" />
    </svg>
    <p aria-live="polite">{{ inWords() }}</p>
    @if (score(); as score) {
      <p class="verdict" [class.good]="score.isGood" role="status">{{ message() }}</p>
    } @else {
      <div class="acts">
        <button
          type="button"
          class="btn btn-primary"
          (pointerdown)="pouring.begin($event)"
          (click)="drops($event)"
        >
          Drip in <small>hold</small>
        </button>
        <button type="button" class="btn btn-outline-primary" (click)="add(3 * drop)">
          Three drops more
        </button>
        <button type="button" class="btn btn-quiet" (click)="add(-10 * drop)">
          Shake a bit off
        </button>
        <button
          type="button"
          class="btn btn-primary finish"
          [disabled]="filled() === 0"
          (click)="finish()"
        >
          That is full
        </button>
      </div>
    }
  `,
  styleUrl: './dome-task.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DomeTaskView implements OnDestroy {
  readonly task = input.required<DomeTask>();
  readonly done = output<DomeScore>();

  protected readonly drop = DROP_MILLILITRES;
  protected readonly filled = signal(0);
  protected readonly hasRunOver = signal(false);
  protected readonly score = signal<DomeScore | null>(null);
  protected readonly pouring = new Pouring((millilitres) => this.add(millilitres), DRIP_SHARE);

  private readonly dome = computed(() => domeHeight(this.task().spoon, this.filled()));
  /** From the side: the bowl is a cap of a ball, and so is what stands over its rim. */
  protected readonly drawn = computed(() => {
    const { spoon } = this.task();
    const { rim } = spoon;
    const depth = spoonDepth(spoon);
    const radius = (rim ** 2 + depth ** 2) / (2 * depth);
    const bowl = `M${-rim} 0A${radius} ${radius} 0 0 0 ${rim} 0`;
    const dome = this.dome();
    let liquid = '';
    if (this.filled() > 0 && dome >= 0) {
      const top =
        dome < 0.01
          ? ''
          : `A${(rim ** 2 + dome ** 2) / (2 * dome)} ${(rim ** 2 + dome ** 2) / (2 * dome)} 0 0 0 ${-rim} 0`;
      liquid = `${bowl}${top}Z`;
    } else if (this.filled() > 0) {
      const low = -dome;
      const half = Math.sqrt(Math.max(0, radius ** 2 - (radius - depth + low) ** 2));
      liquid = `M${-half} ${low}A${radius} ${radius} 0 0 0 ${half} ${low}Z`;
    }
    return {
      box: `${-rim * 1.5} ${-rim * 0.55} ${rim * 4.4} ${rim * 1.5}`,
      bowl: `${bowl}M${rim} 0L${rim * 2.7} ${-rim * 0.3}`,
      line: `M${-rim * 1.3} 0H${-rim * 1.05}`,
      liquid,
    };
  });
  protected readonly inWords = computed(() => {
    if (this.filled() === 0) return 'The spoon is empty.';
    const ran = this.hasRunOver() ? ' It ran over once.' : '';
    return `The spoon: ${surfaceInWords(scoreDome(this.task(), this.filled()))}.${ran}`;
  });
  protected readonly message = computed(() => {
    const score = this.score();
    return score && domeMessage(score);
  });

  constructor() {
    effect(() => {
      this.task();
      untracked(() => {
        this.filled.set(0);
        this.hasRunOver.set(false);
        this.score.set(null);
      });
    });
  }

  ngOnDestroy(): void {
    this.pouring.end();
  }

  protected add(millilitres: number): void {
    if (this.score() !== null) return;
    const { spoon } = this.task();
    const most = spoon.millilitres + domeVolume(spoon.rim, HIGHEST_DOME);
    const now = Math.max(0, this.filled() + millilitres);
    if (now > most) this.hasRunOver.set(true);
    this.filled.set(
      now > most ? spoon.millilitres + domeVolume(spoon.rim, LEFT_STANDING * HIGHEST_DOME) : now,
    );
  }

  protected drops(event: MouseEvent): void {
    if (event.detail === 0) this.add(10 * DROP_MILLILITRES);
  }

  protected finish(): void {
    const score = scoreDome(this.task(), this.filled());
    this.score.set(score);
    this.done.emit(score);
  }
}
