import type { BakeLine } from '@ypsigram/core/bench';

const RAW_FLOUR = 'Raw flour and dough are not safe to taste.';
const RAW_EGG = 'Raw egg is not safe to taste. Wash your hands after cracking.';
const HONEY = 'No honey for a child under one year.';
const BESIDE = 'Measure it beside the bowl, never over it.';
const YEAST = 'Keep it apart from the salt until it is stirred in.';

/** What to mind at an ingredient, at the moment it is at hand; null where there is nothing. */
export function cautionOf({ ingredientId, role, class: is }: BakeLine): string | null {
  if (ingredientId === 'honey') return HONEY;
  if (role === 'yeast') return YEAST;
  if (role === 'egg' || is === 'egg') return RAW_EGG;
  if (role === 'salt' || role === 'leavening') return BESIDE;
  if (role === 'flavour' && is === 'liquid') return BESIDE;
  if (role === 'flour') return RAW_FLOUR;
  return null;
}
