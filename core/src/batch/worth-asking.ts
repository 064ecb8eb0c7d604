import type { Shelf } from '../catalogue/index.js';
import type { Intended, Question } from '../conversion/index.js';
import { forgivenessOf, forgivenOf, LEANING, USUAL_KIND } from '../baking/index.js';
import type { Line, NoteCode } from '../reading/index.js';

/** Notes on something that counts for nothing until the baker mends the line. */
const OPEN: ReadonlySet<NoteCode> = new Set(['unknown-ingredient', 'implausible-weight']);

/**
 * Whether a question is worth asking: what its answers move is more than matters in a usual bake.
 * All else is an assumption, and shown quietly.
 *
 * @param intended what the line weighs as it is read now
 */
export function isWorthAsking(
  { note, gramsAtStake }: Question,
  { ingredientId }: Line,
  intended: Intended | null,
  shelf: Shelf,
): boolean {
  if (OPEN.has(note.code)) return true;
  // What every author means when the recipe does not say can be changed, and is not asked.
  if (note.code === 'assumed-kind') return false;
  const role = ingredientId === null ? undefined : shelf.ingredient(ingredientId)?.role;
  if (!role || !intended) return false;
  const matters = forgivenOf(role, forgivenessOf(USUAL_KIND)) * LEANING;
  return gramsAtStake > intended.grams * matters;
}
