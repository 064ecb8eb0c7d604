import type { BakeStep } from './bake-steps.js';

/** What is worth saying at a step, by the verb and by what is in the bowl; the sentence is made elsewhere. */
export type StepAdvice =
  | 'bake'
  | 'heat'
  | 'chill'
  | 'rise'
  | 'turn-out'
  | 'rest'
  | 'knead'
  | 'cream'
  /** Wet has met flour: stop while lumps are left. */
  | 'fold'
  | 'fry'
  | 'sugar'
  | 'divide'
  | 'cut';

const FLOUR = String.raw`(?:flour|dry (?:ingredients|mixture)|mehl\p{L}*|farine)`;
/** Flour goes into what is wet: "fold in the flour", "add the dry ingredients to the wet". */
const MEETS_FLOUR = new RegExp(
  String.raw`(?<!\p{L})(?:fold|stir|add|mix|beat|combine)(?!\p{L})[^.]{0,40}${FLOUR}|${FLOUR}[^.]{0,40}(?:unterheben|unterrühren|unterziehen|einrühren|zugeben|incorpor\p{L}*|fold|stir)|(?:incorpore[rz]?|ajoute[rz]?)[^.]{0,30}farine|wet (?:ingredients )?(?:into|to|and) (?:the )?dry|dry (?:ingredients )?(?:into|to) (?:the )?wet`,
  'iu',
);
/** Only what is dry: nothing has got wet yet. */
const ALL_DRY =
  /(?<!\p{L})(?:sift|whisk|mix|stir) (?:together )?(?:the )?(?:dry ingredients|flour(?:,| and)(?![^.]*\b(?:into|milk|egg|water|butter)))|(?<!\p{L})(?:sieben|tamise[rz]?)(?!\p{L})/iu;
const DOUGH =
  /(?<!\p{L})(?:dough|batter|loaf|loaves|buns?|rolls?|teig\p{L}*|laib\p{L}*|pâte|pâtons?)(?!\p{L})/iu;
const PIECES =
  /(?<!\p{L})(?:divide|portion|balls?|pieces|equal|buns|rolls|teilen|stücke|kugeln|divise[rz]?|boules|morceaux)(?!\p{L})/iu;
const IN_PAN =
  /(?<!\p{L})(?:pan|tin|mould|turn (?:it |them )?out|unmould|form|stürzen|moule|démoule[rz]?)(?!\p{L})/iu;
/** Rubbed or cut into flour, which no knife is sharp for. */
const CUT_IN = /\bcut in\b/i;

/** What to say at a step; null where nothing is known of what is in the bowl. */
export function adviceOf({
  kind,
  text,
  id,
}: Pick<BakeStep, 'kind' | 'text' | 'id'>): StepAdvice | null {
  switch (kind) {
    case 'bake':
    case 'heat':
    case 'rise':
    case 'knead':
    case 'fry':
    case 'sugar':
      return kind;
    case 'cream':
      return 'cream';
    case 'combine':
      return MEETS_FLOUR.test(text) && !ALL_DRY.test(text) ? 'fold' : null;
    case 'chill':
    case 'rest':
      return DOUGH.test(text) ? kind : null;
    case 'cool':
      return id === 'pan' || IN_PAN.test(text) ? 'turn-out' : null;
    case 'shape':
      return PIECES.test(text) ? 'divide' : null;
    case 'cut':
      return CUT_IN.test(text) ? null : 'cut';
    default:
      return null;
  }
}
