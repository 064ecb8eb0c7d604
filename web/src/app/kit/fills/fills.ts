import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

/** One fill of a plan as it crosses from core: a tool's id and how often it is filled. */
export interface Fill {
  readonly tool: string;
  readonly count: number;
}

type Shape = 'cup' | 'spoon' | 'jug' | 'block' | 'egg' | 'pinch' | 'piece';

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
  if (unit === 'pinch' || unit === 'dash' || unit === 'smidgen') return repeat('pinch', 1.7, unit);
  return tool.startsWith('egg') || tool === 'egg'
    ? repeat('egg', 1.5, '')
    : repeat('piece', 1.6, '');
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
  protected readonly drawings = computed(() => this.fills().flatMap(drawn));
}
