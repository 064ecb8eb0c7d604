import { Fraction } from '../amount/index.js';
import type { ToolDescription } from './tool.js';

const tool = (
  kind: ToolDescription['kind'],
  nominal: Fraction,
  unit: 'cup' | 'tbsp' | 'tsp',
  name?: string,
): ToolDescription => ({
  name: name ?? `${nominal.toFraction(true)} ${unit}`,
  kind,
  nominal,
  unit,
  millilitres: null,
  aside: false,
});

/**
 * What a kitchen is taken to own until it says otherwise: cups 1, 1/2, 1/3, 1/4; spoons 1 tbsp,
 * 1 tsp, 1/2, 1/4, 1/8 tsp; one jug of four cups.
 */
export const USUAL_TOOLS: readonly ToolDescription[] = [
  tool('cup', new Fraction(1), 'cup'),
  tool('cup', new Fraction(1, 2), 'cup'),
  tool('cup', new Fraction(1, 3), 'cup'),
  tool('cup', new Fraction(1, 4), 'cup'),
  tool('spoon', new Fraction(1), 'tbsp'),
  tool('spoon', new Fraction(1), 'tsp'),
  tool('spoon', new Fraction(1, 2), 'tsp'),
  tool('spoon', new Fraction(1, 4), 'tsp'),
  tool('spoon', new Fraction(1, 8), 'tsp'),
  tool('jug', new Fraction(4), 'cup', 'jug'),
];
