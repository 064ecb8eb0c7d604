import type { Reading } from '../line.js';

/** Signs in any line, each enough by itself. */
const SIGNS =
  /\b(?:headspace|pressure[- ]can\w*|canning jars?|(?:cure|curing) salts?|saltpet(?:re|er)|prague powder|sodium nitrite|nitrite|pökelsalz|nitritpökelsalz|sel nitrité|salpêtre|salpeter|gelierzucker|sucre gélifiant|einkochen|eingekocht|einwecken|einmachen|einmachgläser|lacto[- ]?ferment\w*|scoby)\b|\b\d+(?:[.,]\d+)? ?(?:%|per ?cent|percent) (?:salt )?brine\b|\bbrine (?:of|at) \d+(?:[.,]\d+)? ?(?:%|per ?cent)|\b\d+(?:[.,]\d+)? ?(?:%|prozent)(?:ige\w?)? ?(?:salz)?lake\b|\bsaumure (?:à|de) \d/i;

/** Jars that are made free of germs, or boiled once they are full. */
const JARS =
  /\b(?:sterili[sz]\w*)\b[^.]{0,40}\b(?:jars?|bottles?|lids?)\b|\b(?:jars?|bottles?|lids?)\b[^.]{0,40}\bsterili[sz]\w*|\bwater[- ]bath\b[^.]{0,60}\b(?:jars?|cann\w+|process)\b|\b(?:process|jars?)\b[^.]{0,60}\bwater[- ]bath\b|\bgläser\b[^.]{0,40}\b(?:sterilisier\w*|auskochen|ausgekocht\w*)\b|\b(?:sterilisierte|ausgekochte)\w*\b[^.]{0,30}\bgläser\b|\bst[ée]rilis\w*[^.]{0,40}\b(?:bocaux|pots)\b|\b(?:bocaux|pots)\b[^.]{0,40}(?<![\wé])st[ée]rilis|\bboiling[- ]water can/i;

/** What is hung or laid in salt for days. */
const CURED =
  /\bhang\b[^.]{0,60}\b(?:days|weeks|months)\b|\bcure\b[^.]{0,40}\b(?:days|weeks|hours|fridge|refrigerator|salt)\b|\b(?:ferment|gären|fermentieren)\b[^.]{0,60}\b(?:days|weeks|tage|wochen|jours|semaines)\b|\b(?:sécher|suspendre)\b[^.]{0,60}\b(?:jours|semaines|mois)\b|\b(?:aufhängen|lufttrocknen)\b[^.]{0,60}\b(?:tage|wochen|monate)\b|\b(?:laissez?|lassen)\b[^.]{0,30}\b(?:fermenter)\b/i;

/** What is heated through in the end, and eaten. */
const COOKED =
  /\b(?:bake[ds]?|oven|roast\w*|grill\w*|fry|fried|sauté\w*|flamb\w*|churn|freeze|ofen|backofen|backen|braten|einfrieren|four|enfourne[rz]?|rôtir|cuire au four|sorbetière|congele[rz]?|serve (?:at once|immediately|warm|hot))\b/i;

/** Whether the steps are those of something that is made to keep. */
export const hasPreservingSteps = ({ lines }: Reading): boolean =>
  lines.some(
    ({ written, kind }) =>
      SIGNS.test(written) || JARS.test(written) || (kind !== 'ingredient' && CURED.test(written)),
  );

/** Whether the steps bake, fry or freeze it. */
export const isCooked = ({ lines }: Reading): boolean =>
  lines.some(({ written, kind }) => kind !== 'ingredient' && COOKED.test(written));
