import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

/** One fill of a plan as it crosses from core: a tool's id and how often it is filled. */
export interface Fill {
  readonly tool: string;
  readonly count: number;
}

type Shape = 'cup' | 'spoon' | 'jug' | 'block' | 'egg' | 'pinch' | 'piece';

/** One path for each shape, in a box of 40 by 26, stroked and filled: drawn by the hundred. */
const PATHS: Readonly<Record<Shape, string>> = {
  cup: 'M3 4H29L26 22H6ZM28.5 7H38',
  spoon: 'M3 11C3 22 19 22 19 11ZM19 11L38 8',
  jug: 'M9 12H27V23H9ZM9 12V7L5 3M27 12V3M27 9H34M34 9V17M34 17H27',
  block: 'M3 9H37V21H3ZM11 9V13M19 9V13M28 9V13',
  egg: 'M20 2C13 9 12 14 12 16A8 8 0 0 0 28 16C28 14 27 9 20 2Z',
  pinch: 'M10 4L18 14M30 4L22 14M16 20h.1M20 18h.1M20 23h.1M24 20h.1',
  piece: 'M20 6A9 9 0 1 0 20.1 6ZM20 6C20 4 22 3 24 3',
};

interface Drawn {
  readonly shape: Shape;
  /** Width of the drawing in em: bigger measures are drawn bigger. */
  readonly width: number;
  readonly label: string;
  readonly times: number;
}

const MOST_DRAWN_ONE_BY_ONE = 3;

const CUP_WIDTHS: Readonly<Record<string, number>> = {
  '1': 2.5,
  '1/2': 2.1,
  '1/3': 1.85,
  '1/4': 1.65,
};
const SPOON_WIDTHS: Readonly<Record<string, number>> = {
  tbsp: 2.6,
  '1': 2.2,
  '1/2': 1.95,
  '1/4': 1.75,
  '1/8': 1.6,
};

function drawn({ tool, count }: Fill): Drawn[] {
  const repeat = (shape: Shape, width: number, label: string): Drawn[] =>
    Number.isInteger(count) && count <= MOST_DRAWN_ONE_BY_ONE
      ? Array.from({ length: count }, () => ({ shape, width, label, times: 1 }))
      : [{ shape, width, label, times: count }];
  const [amount = '', unit = ''] = tool.split(' ');
  if (tool.startsWith('jug ')) return repeat('jug', 2.5, tool.slice(4).replace(/ cups?$/, ' c'));
  if (tool.startsWith('block ') || unit === 'stick')
    return repeat('block', 2.6, tool.replace('block ', ''));
  if (unit === 'cup') return repeat('cup', CUP_WIDTHS[amount] ?? 2.2, amount);
  if (unit === 'tbsp') return repeat('spoon', SPOON_WIDTHS['tbsp']!, 'tbsp');
  if (unit === 'tsp')
    return repeat('spoon', SPOON_WIDTHS[amount] ?? 2, amount === '1' ? 'tsp' : `${amount} t`);
  if (unit === 'pinch' || unit === 'dash' || unit === 'smidgen') return repeat('pinch', 2.4, unit);
  return tool.startsWith('egg') || tool === 'egg'
    ? repeat('egg', 2.2, '')
    : repeat('piece', 2.2, '');
}

/** The fills of a measure plan, drawn: the cups and spoons to take out of the drawer. */
@Component({
  selector: 'yg-fills',
  templateUrl: './fills.html',
  styleUrl: './fills.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { 'aria-hidden': 'true' },
})
export class Fills {
  readonly fills = input.required<readonly Fill[]>();
  protected readonly paths = PATHS;
  protected readonly drawings = computed(() => this.fills().flatMap(drawn));
}
