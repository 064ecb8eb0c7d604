import {
  ChangeDetectionStrategy,
  Component,
  afterRenderEffect,
  computed,
  input,
  model,
  viewChild,
  type ElementRef,
} from '@angular/core';
import type { Corners, PagePoint } from '@ypsigram/core/scan';
import type { OpenedPicture } from '../../../workers/page-picture';

const NAMES = ['Top left', 'Top right', 'Bottom right', 'Bottom left'] as const;
/** How far an arrow key moves a corner, in parts of the picture. */
const STEP = 0.01;
const ARROWS: Readonly<Record<string, PagePoint>> = {
  ArrowLeft: { x: -STEP, y: 0 },
  ArrowRight: { x: STEP, y: 0 },
  ArrowUp: { x: 0, y: -STEP },
  ArrowDown: { x: 0, y: STEP },
};

/** A photo with the four corners of its page, to be dragged or moved by the arrow keys. */
@Component({
  selector: 'yg-page-corners',
  template: `
    <div class="stage">
      <canvas
        #canvas
        role="img"
        aria-label="The photo"
        [width]="picture().width"
        [height]="picture().height"
      ></canvas>
      <svg
        aria-hidden="true"
        preserveAspectRatio="none"
        [attr.viewBox]="'0 0 ' + picture().width + ' ' + picture().height"
      >
        <polygon [attr.points]="outline()" />
      </svg>
      @for (corner of corners(); track $index) {
        <button
          type="button"
          class="corner"
          [attr.aria-label]="names[$index] + ' corner of the page: move it with the arrow keys'"
          [style.left.%]="(corner.x / picture().width) * 100"
          [style.top.%]="(corner.y / picture().height) * 100"
          (pointerdown)="grab($event)"
          (pointermove)="drag($index, $event)"
          (keydown)="step($index, $event)"
        ></button>
      }
    </div>
  `,
  styleUrl: './page-corners.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PageCorners {
  readonly picture = input.required<OpenedPicture>();
  readonly corners = model.required<Corners>();

  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  protected readonly names = NAMES;
  protected readonly outline = computed(() =>
    this.corners()
      .map(({ x, y }) => `${x},${y}`)
      .join(' '),
  );

  constructor() {
    afterRenderEffect(() => {
      const context = this.canvas().nativeElement.getContext('2d');
      context?.drawImage(this.picture().shown, 0, 0);
    });
  }

  protected grab(event: PointerEvent): void {
    (event.target as HTMLElement).setPointerCapture(event.pointerId);
  }

  protected drag(index: number, event: PointerEvent): void {
    if (!(event.target as HTMLElement).hasPointerCapture(event.pointerId)) return;
    const stage = this.canvas().nativeElement.getBoundingClientRect();
    const { width, height } = this.picture();
    this.move(index, {
      x: ((event.clientX - stage.left) / stage.width) * width,
      y: ((event.clientY - stage.top) / stage.height) * height,
    });
  }

  protected step(index: number, event: KeyboardEvent): void {
    const by = ARROWS[event.key];
    if (!by) return;
    event.preventDefault();
    const { width, height } = this.picture();
    const { x, y } = this.corners()[index]!;
    this.move(index, { x: x + by.x * width, y: y + by.y * height });
  }

  private move(index: number, { x, y }: PagePoint): void {
    const { width, height } = this.picture();
    const inside = {
      x: Math.min(Math.max(x, 0), width),
      y: Math.min(Math.max(y, 0), height),
    };
    this.corners.update((corners) => corners.with(index, inside) as unknown as Corners);
  }
}
