import { inOurMark } from '@ypsigram/contract';

/**
 * The colours of the theme by day, for what is drawn on a canvas and can't ask the stylesheet. At
 * night a chart is drawn in those of `atNight`.
 */
export const INK = {
  ink: '#17203a',
  soft: '#525d78',
  rule: '#cdd5e3',
  enamel: '#ffffff',
  cobalt: '#1f3f95',
  mustard: '#e0a21b',
  mustardInk: '#6b4a00',
  brick: '#a63a22',
  clay: '#d08a3c',
  straw: '#e0c77a',
  sage: '#7fa98f',
  leaf: '#1d6b45',
} as const;

export const TEXT = {
  fontFamily: "'Atkinson Hyperlegible Next', system-ui, sans-serif",
  fontSize: 14,
  color: INK.ink,
} as const;

/** A look for each of several series: by shape first, by colour as well. */
export const LOOKS = [
  { symbol: 'circle', color: INK.cobalt },
  { symbol: 'triangle', color: INK.brick },
  { symbol: 'rect', color: INK.leaf },
  { symbol: 'diamond', color: INK.mustardInk },
] as const;

export const lookOf = (index: number): (typeof LOOKS)[number] => LOOKS[index % LOOKS.length]!;

/** A figure at an axis, in the mark of this kitchen. */
export const axisFigure = (value: number): string =>
  inOurMark(String(Number(value.toPrecision(4))));
