import type { Ingredient, Method } from '../../catalogue/index.js';
import { defaultMethod, methodsFor } from '../../measuring/index.js';
import type { ReadingNote } from '../note.js';
import {
  FILLING_WORDS,
  LOOSENING_WORDS,
  ORDER_FORMS,
  ORDER_METHODS,
  SIZE_FORMS,
  SOLD_FORMS,
  SOLD_FORMS_BEHIND,
} from '../vocabulary/index.js';
import type { Wording } from './line-parts.js';

const volumeForms = (ingredient: Ingredient): readonly (string | null)[] =>
  ingredient.weights
    .filter(({ unit }) => unit === 'cup' || unit === 'tbsp' || unit === 'tsp')
    .map(({ form }) => form);

/** Cuts that lie alike in a cup: the one of them that has a weight is meant. */
const ALIKE: Readonly<Record<string, string>> = {
  diced: 'chopped',
  chopped: 'diced',
  shredded: 'grated',
  grated: 'shredded',
};

function asWeighed(cut: string | undefined, forms: readonly (string | null)[]): string | undefined {
  const alike = cut === undefined || forms.includes(cut) ? undefined : ALIKE[cut];
  return alike !== undefined && forms.includes(alike) ? alike : cut;
}

function usualForm(forms: readonly (string | null)[]): string | null {
  return forms.includes(null) ? null : (forms[0] ?? null);
}

/** The form that stood in the measure: cut before measuring, or as it is sold. */
export function volumeForm(
  { ingredient, before, after }: Wording,
  notes: ReadingNote[],
): string | null {
  const forms = volumeForms(ingredient);
  const usual = usualForm(forms);
  const hasForms = ingredient.class === 'chunk' && forms.some((one) => one !== null);
  let form = usual;
  for (const word of before) {
    const cut = asWeighed(ORDER_FORMS[word], forms);
    const sold = SOLD_FORMS[word] ?? SIZE_FORMS[word];
    if (cut !== undefined && forms.includes(cut)) {
      form = cut;
      if (cut !== usual) notes.push({ code: 'order-before', word, other: { form: usual } });
    } else if (cut !== undefined && hasForms) {
      // No table has it cut like that: it weighs about as it usually does, and that is an estimate.
      form = cut;
    } else if (sold !== undefined && forms.includes(sold)) {
      form = sold;
    }
  }
  const sold = SOLD_FORMS_BEHIND[after[0] ?? ''];
  if (sold !== undefined && form === usual && forms.includes(sold)) form = sold;
  for (const word of after) {
    const cut = ORDER_FORMS[word];
    if (cut !== undefined && forms.includes(cut) && cut !== form) {
      notes.push({ code: 'order-after', word, other: { form: cut } });
    }
  }
  return form;
}

/** How the author filled the measure: by the words and their order, else as is usual. */
export function volumeMethod(
  { ingredient, quantity, before, after }: Wording,
  form: string | null,
  notes: ReadingNote[],
): Method {
  const allowed = methodsFor(ingredient);
  const usual = usualMethod(ingredient, form);
  const filling = quantity?.method ?? fillingIn(before) ?? fillingIn(after);
  const measuredAfter = after.includes('before') || after.includes('then');
  const sifting = after.indexOf('sifting');
  if (sifting > 0 && after[sifting - 1] === 'after' && allowed.includes('sifted')) {
    notes.push({ code: 'order-before', word: 'sifting', other: { method: usual } });
    return 'sifted';
  }
  for (const word of [...before, ...(measuredAfter ? after : [])]) {
    const method = ORDER_METHODS[word];
    if (method && allowed.includes(method)) {
      notes.push({ code: 'order-before', word, other: { method: usual } });
      return method;
    }
  }
  if (filling && allowed.includes(filling)) return filling;
  for (const word of after) {
    const method = ORDER_METHODS[word];
    if (method && allowed.includes(method)) {
      notes.push({ code: 'order-after', word, other: { method } });
    }
  }
  if (ingredient.class === 'moist') notes.push({ code: 'assumed-kind', assumed: 'method' });
  return usual;
}

/** What is assumed of the author: the ingredient's usual method, or the only one this form has. */
function usualMethod(ingredient: Ingredient, form: string | null): Method {
  const usual = ingredient.class === 'egg' ? 'poured' : defaultMethod(ingredient);
  const ofForm = ingredient.weights.filter(
    (weight) => weight.form === form && weight.method !== 'count',
  );
  return ofForm.length === 0 || ofForm.some(({ method }) => method === usual)
    ? usual
    : ofForm[0]!.method;
}

function fillingIn(words: readonly string[]): Method | null {
  for (const [index, word] of words.entries()) {
    const method = FILLING_WORDS[word];
    if (!method) continue;
    const loosely = index > 0 && LOOSENING_WORDS.has(words[index - 1]!);
    return method === 'packed' && loosely ? 'loose' : method;
  }
  return null;
}
