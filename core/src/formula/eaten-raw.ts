import type { Line, Reading } from '../reading/index.js';

/** What is eaten as it is stirred, by its name. */
const RAW_DISHES =
  /\b(?:edible cookie dough|cookie dough (?:bites|balls|dip)|tiramisu|tiramisù|mousse|royal icing|egg ?nog|mayonnaise|aioli|no[- ]bake|unbaked|raw|ohne backen|eischneeglasur|roher? (?:keks)?teig|glace royale|sans cuisson|lait de poule)\b/i;

/** Words of work with heat, in the languages that are read. */
const HEATED =
  /\b(?:bak(?:e|es|ed|ing)(?! (?:soda|powder|paper|parchment|sheet|tray|tin|dish))|oven|cook\w*|simmer\w*|boil\w*|fry|fried|frying|griddle|steam\w*|roast\w*|skillet|waffle iron|back(?:en|ofen|t)|gebacken|ofen|koch\w*|brat\w*|dämpf\w*|waffeleisen|cuire|cuisson|cuit\w*|four|enfourne\w*|bouillir|frire|poêle|gaufrier)\b/i;
const WITHOUT_HEAT = /\bno[- ]bake\b|\bunbaked\b|\bohne backen\b|\bsans cuisson\b/gi;

const isStep = ({ kind }: Line): boolean => kind === 'step' || kind === 'unread';

/**
 * Whether what is stirred is eaten without being heated: by its name (tiramisu, royal icing, a dough
 * to eat), or because its steps say nothing of heat. Without steps and such a name it is not.
 */
export function isEatenRaw({ title, lines }: Reading): boolean {
  const isHot = lines.some(
    (line) => isStep(line) && HEATED.test(line.written.replace(WITHOUT_HEAT, ' ')),
  );
  const isBaked = lines.some(
    (line) => isStep(line) && /\b(?:oven|ofen|four|bake[ds]?)\b/i.test(line.written),
  );
  if (title !== null && RAW_DISHES.test(title) && !isBaked) return true;
  return !isHot && lines.some(({ kind }) => kind === 'step');
}
