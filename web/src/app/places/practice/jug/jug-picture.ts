import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { scaleFigure } from '@ypsigram/contract/practice';
import { jugScene, type JugScale, type JugView, type ScenePoint } from '@ypsigram/core/practice';

const path = (points: readonly ScenePoint[], isClosed = false): string =>
  points.length === 0
    ? ''
    : `M${points.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join('L')}${isClosed ? 'Z' : ''}`;

/** A figure stands with its middle beside its mark. */
const FIGURE_DOWN = 2;

/** Every picture has an id of its own, for its magnifier. */
let pictures = 0;

/** Half of what is seen through a magnifier, in millimetres at the marks. */
const CLOSE = 9;

/** What a scale counts in. */
const UNIT_MILLILITRES = { ml: 1 } as const;

/** A jug as an eye sees it, in true perspective. Everything it shows is said in words beside it. */
@Component({
  selector: 'yg-jug-picture',
  template: `
    <svg class="whole" [attr.viewBox]="box()" aria-hidden="true" focusable="false">
      <g [attr.id]="id">
        <path class="board" [attr.d]="drawn().board" />
        <path class="handle" [attr.d]="drawn().handle" />
        <path class="body" [attr.d]="drawn().body" />
        <path class="back" [attr.d]="drawn().floor" />
        @if (drawn().ramp; as ramp) {
          <path class="ramp" [attr.d]="ramp.outline" />
        }
        <path class="liquid" [attr.d]="drawn().liquid" />
        <path class="edge" [attr.d]="drawn().edge" />
        <path class="surface" [attr.d]="drawn().surface" />
        @if (drawn().ramp; as ramp) {
          <path class="waterline" [attr.d]="ramp.waterline" />
        }
        <path class="glass" [attr.d]="drawn().glass" />
        <path class="mark" [attr.d]="drawn().otherMarks" />
        <path class="mark asked" [attr.d]="drawn().askedMarks" />
        @for (figure of drawn().figures; track figure.key) {
          <text
            [class.asked]="figure.isAsked"
            [attr.text-anchor]="figure.anchor"
            [attr.x]="figure.x"
            [attr.y]="figure.y"
          >
            {{ figure.text }}
          </text>
        }
      </g>
    </svg>
    @if (closeBox(); as close) {
      <figure>
        <svg [attr.viewBox]="close" aria-hidden="true" focusable="false">
          <use [attr.href]="'#' + id" />
        </svg>
        <figcaption>closer</figcaption>
      </figure>
    }
  `,
  styleUrl: './jug-picture.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class JugPicture {
  readonly view = input.required<JugView>();
  /** The scale that is to be read: it stands out. */
  readonly scale = input.required<JugScale>();
  /** What one cup and one ounce of this jug's scales are, in millilitres. */
  readonly cup = input.required<number>();
  readonly ounce = input.required<number>();

  /** A mark to look at closely beside it, in millilitres; none where it is null. */
  readonly closeTo = input<number | null>(null);

  /** The magnifier shows the same drawing once more: it is drawn only once. */
  protected readonly id = `jug-${(pictures += 1)}`;
  /** All of the jug and of its board, from wherever it is seen. */
  protected readonly box = computed(() => {
    const { height } = this.view().jug;
    return `-105 ${-height * 0.72} 210 ${height * 1.55}`;
  });
  /** Little around the mark. */
  protected readonly closeBox = computed(() => {
    const near = this.closeTo();
    if (near === null) return null;
    const [x, y] = this.nearest(near);
    return `${x - CLOSE} ${y - CLOSE} ${2 * CLOSE} ${2 * CLOSE}`;
  });
  private readonly scene = computed(() => jugScene(this.view()));
  protected readonly drawn = computed(() => {
    const scene = this.scene();
    const units: Readonly<Record<JugScale, number>> = {
      ...UNIT_MILLILITRES,
      cup: this.cup(),
      'fl-oz': this.ounce(),
    };
    const marks = (isAsked: boolean): string =>
      scene.marks
        .filter(({ scale }) => (scale === this.scale()) === isAsked)
        .map(({ line }) => path(line))
        .join('');
    return {
      board: path(scene.board, true),
      floor: path(scene.floor, true),
      liquid: path(scene.liquid, true),
      edge: path(scene.edge, true),
      surface: path(scene.surface, true),
      body: path(scene.glass, true),
      handle: path(scene.handle),
      glass: path(scene.outerRim, true) + path(scene.innerRim, true),
      ramp: scene.ramp && {
        outline: path(scene.ramp.outline, true),
        waterline: path(scene.ramp.waterline),
      },
      // Two paths for all marks: a picture for every frame has no time for seventy.
      askedMarks: marks(true),
      otherMarks: marks(false),
      figures: scene.marks.flatMap(({ scale, millilitres, labelAt }) =>
        labelAt
          ? [
              {
                key: `${scale}${millilitres}`,
                isAsked: scale === this.scale(),
                text: scaleFigure(millilitres / units[scale]),
                anchor: labelAt.side === 'left' ? 'end' : 'start',
                x: labelAt.at[0].toFixed(1),
                y: (labelAt.at[1] + FIGURE_DOWN).toFixed(1),
              },
            ]
          : [],
      ),
    };
  });

  /** Where the end of the mark nearest to so many millilitres is seen. */
  private nearest(millilitres: number): ScenePoint {
    const marks = this.scene().marks.filter(({ scale }) => scale === this.scale());
    const mark = marks.reduce((a, b) =>
      Math.abs(b.millilitres - millilitres) < Math.abs(a.millilitres - millilitres) ? b : a,
    );
    return mark.line[0]!;
  }
}
