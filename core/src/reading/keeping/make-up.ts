import type { Ingredient, Shelf } from '../../catalogue/index.js';
import type { Reading } from '../line.js';

/** Foods that the shelf does not have, by the words for them. */
const VEGETABLES =
  /\b(?:cucumbers?|cabbages?|cauliflower|peppers?|jalape\w+|chill?ies|beans|radish\w*|turnips?|mushrooms?|artichokes?|tomato(?:es)?|fennel bulbs?|shallots?|gurken?|kohl|weißkohl|rotkohl|blumenkohl|paprikaschoten?|bohnen|radieschen|rettich|pilze|champignons|tomaten|schalotten|concombres?|choux?|poivrons?|piments?|haricots|radis|navets?|tomates?|échalotes?|cèpes)\b/i;
const MEATS =
  /\b(?:pork|beef|veal|lamb|venison|duck|goose|chicken|turkey|salmon|trout|cod|herrings?|mackerel|fish|belly|loin|brisket|schwein\w*|rind\w*|lachs\w*|forelle\w*|hering\w*|ente\w*|gänse?\w*|porc|bœuf|boeuf|veau|canard|saumon|truite|morue|poisson|magret|jambon)\b/i;

/** What a line puts in, as far as keeping goes. */
type KeptPart =
  'fruit' | 'vegetable' | 'herb' | 'meat' | 'sugar' | 'salt' | 'acid' | 'oil' | 'side';

function partOf(written: string, ingredient: Ingredient | undefined): KeptPart | null {
  if (ingredient?.food) return ingredient.food;
  if (!ingredient) {
    if (VEGETABLES.test(written)) return 'vegetable';
    return MEATS.test(written) ? 'meat' : null;
  }
  const { role, class: is, waterPercent } = ingredient;
  if (role === 'sugar') return 'sugar';
  if (role === 'salt') return 'salt';
  if (is === 'liquid' && role === 'fat') return 'oil';
  return role === 'flavour' || role === 'thickener' || waterPercent === 100 ? 'side' : null;
}

/**
 * Whether a recipe is made of what is otherwise put up to keep, and of nothing else: fruit and
 * sugar, vegetables under vinegar or brine, meat in salt, something low in acid under oil. A line
 * of anything else (flour, egg, cream) makes it a dish.
 */
export function isLikePreserves({ lines }: Reading, shelf: Shelf): boolean {
  const parts: KeptPart[] = [];
  for (const { kind, written, ingredientId } of lines) {
    if (kind !== 'ingredient') continue;
    const part = partOf(written, ingredientId ? shelf.ingredient(ingredientId) : undefined);
    if (part === null) return false;
    parts.push(part);
  }
  const has = (part: KeptPart): boolean => parts.includes(part);
  if (has('oil')) {
    return (
      (has('vegetable') || has('herb')) &&
      !has('fruit') &&
      !has('sugar') &&
      !has('acid') &&
      !has('meat')
    );
  }
  if (has('meat')) return has('salt') && !has('vegetable') && !has('fruit');
  if (has('vegetable')) return has('acid') || has('salt');
  return has('fruit') && has('sugar');
}
