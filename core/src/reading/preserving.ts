import type { Reading } from './line.js';

/** What is made to keep, as the head of a name, in the languages that are read. */
const NAMES =
  /\b(?:jams?|jell(?:y|ies)|marmalades?|chutneys?|relish(?:es)?|pickles?|pickled|preserves?|piccalilli|kimchi|sauerkraut|gravlax|gravad ?lax|fruit butter|confit of|home[- ]canned|canned|fermented|marmelade|konfitüre|gelee|eingemachte\w*|eingelegte\w*|eingeweckte\w*|essiggurken|gewürzgurken|confitures?|gelée|cornichons|pickles|conserves?|choucroute)\b/i;
/** What is baked with one of these, or named after it, is none. */
const BAKED =
  /\b(?:cakes?|cupcakes?|tarts?|tartlets?|rolls?|roulade|cookies?|biscuits?|bars?|slices?|squares?|slabs?|muffins?|breads?|loa(?:f|ves)|buns?|do(?:ugh|)nuts?|puddings?|scones?|crumbles?|pies?|turnovers?|thumbprints?|pastr(?:y|ies)|pancakes?|sandwich(?:es)?|sponge|trifle|rugelach|hamantaschen|pfannkuchen|plätzchen|kekse?|torte|tarte|gâteau|brioche|beignets?|sablés?)\b|kuchen\b|törtchen\b/i;
/** Signs in any line, each enough by itself. */
const SIGNS =
  /\b(?:headspace|pressure[- ]can\w*|canning jars?|(?:cure|curing) salts?|saltpet(?:re|er)|prague powder|sodium nitrite|nitrite|pökelsalz|nitritpökelsalz|sel nitrité|salpêtre|salpeter|gelierzucker|einkochen|eingekocht|einwecken|einmachen|einmachgläser|lacto[- ]?ferment\w*)\b|\b\d+(?:[.,]\d+)? ?(?:%|per ?cent|percent) (?:salt )?brine\b|\bbrine (?:of|at) \d+(?:[.,]\d+)? ?(?:%|per ?cent)/i;
/** Jars that are made free of germs, or boiled once they are full. */
const JARS =
  /\b(?:sterili[sz]\w*)\b[^.]{0,40}\b(?:jars?|bottles?|lids?)\b|\b(?:jars?|bottles?|lids?)\b[^.]{0,40}\bsterili[sz]\w*|\bwater[- ]bath\b[^.]{0,60}\b(?:jars?|cann\w+|process)\b|\b(?:process|jars?)\b[^.]{0,60}\bwater[- ]bath\b|\bgläser\b[^.]{0,40}\b(?:sterilisier\w*|auskochen|heiß)\b|\bsterilis\w* [^.]{0,30}\b(?:bocaux|pots)\b|\bstérilis\w*[^.]{0,40}\b(?:bocaux|pots)\b|\b(?:bocaux|pots)\b[^.]{0,40}\bstérilis\w*/i;

/**
 * Whether a recipe is for keeping: jam, pickles, ferments, cured fish or meat. Acid, salt and time
 * keep people safe there, so that nothing of it is scaled or converted.
 */
export function isPreserving({ title, lines }: Reading): boolean {
  const named = NAMES.test(title ?? '') && !BAKED.test(title ?? '');
  return named || lines.some(({ written }) => SIGNS.test(written) || JARS.test(written));
}
