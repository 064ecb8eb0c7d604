import { fillMark } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { PlannedFill } from '@ypsigram/core/fills';

interface DrawnFill {
  readonly path: string;
  /** Width of the drawing in em: bigger measures are drawn bigger. */
  readonly width: number;
  readonly label: string;
  readonly times: number;
}

type FillShape = PlannedFill['kind'];

const MOST_DRAWN_ONE_BY_ONE = 3;
const COUNTED_WIDTH = 2.2;
const SMALLEST_WIDTH = 1.6;
const LARGEST_WIDTH = 2.6;

/** One path for each shape, in a box of 40 by 26, stroked and filled: drawn by the hundred. */
const PATHS: Readonly<Record<FillShape, string>> = {
  cup: 'M3 4H29L26 22H6ZM28.5 7H38',
  spoon: 'M3 11C3 22 19 22 19 11ZM19 11L38 8',
  jug: 'M9 12H27V23H9ZM9 12V7L5 3M27 12V3M27 9H34M34 9V17M34 17H27',
  block: 'M3 9H37V21H3ZM11 9V13M19 9V13M28 9V13',
  egg: 'M20 2C13 9 12 14 12 16A8 8 0 0 0 28 16C28 14 27 9 20 2Z',
  pinch: 'M10 4L18 14M30 4L22 14M16 20h.1M20 18h.1M20 23h.1M24 20h.1',
  piece: 'M20 6A9 9 0 1 0 20.1 6ZM20 6C20 4 22 3 24 3',
};

/** A teaspoon's part is drawn smallest, a cup largest: by the cube root, as things look. */
function widthOf({ millilitres, kind }: PlannedFill): number {
  if (millilitres === null) return COUNTED_WIDTH;
  if (kind === 'jug' || kind === 'block') return LARGEST_WIDTH;
  const width = 1.2 + Math.cbrt(millilitres) / (kind === 'cup' ? 4.8 : 1.9);
  return Math.min(LARGEST_WIDTH, Math.max(SMALLEST_WIDTH, width));
}

function drawn(fill: PlannedFill, label: (fill: PlannedFill) => string): DrawnFill[] {
  const { count, kind } = fill;
  const one = { path: PATHS[kind], width: widthOf(fill), label: label(fill) };
  return Number.isInteger(count) && count <= MOST_DRAWN_ONE_BY_ONE
    ? Array.from({ length: count }, () => ({ ...one, times: 1 }))
    : [{ ...one, times: count }];
}

/** The fills of a measure plan, drawn: the cups and spoons to take out of the drawer. */
@Component({
  selector: 'yg-fills',
  templateUrl: './fills.html',
  styleUrl: './fills.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { 'aria-hidden': 'true' },
})
export class FillPictures {
  readonly fills = input.required<readonly PlannedFill[]>();
  /** Whether its size stands under each. */
  readonly isNamed = input(true);
  protected readonly drawings = computed(() =>
    this.fills().flatMap((fill) => drawn(fill, this.isNamed() ? fillMark : () => '')),
  );
}
