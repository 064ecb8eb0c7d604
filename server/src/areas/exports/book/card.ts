import { BOOK_WORDS as WORDS, fixed, short, type PlanReply } from '@ypsigram/contract';
import { headsIngredients, type LineKind } from '@ypsigram/core/reading';
import type { BookRecipe } from './book-recipe.js';
import { html, type Html } from './html.js';

type Line = PlanReply['lines'][number];

const SHOWN: readonly LineKind[] = ['ingredient', 'unread'];

function rowOf(line: Line): Html {
  const { measure, weight, intended, isWeighed, scaled } = line;
  const measured = isWeighed ? WORDS.weighIt : (measure?.shown ?? '–');
  const isOpen = intended === null && scaled !== null;
  return html`<tr>
    <th scope="row">
      ${line.written.trim()}${isOpen ? html` <small>${WORDS.noWeight}</small>` : null}
    </th>
    <td>${measured}</td>
    <td class="figure">${weight?.shown ?? '–'}</td>
  </tr>`;
}

const headingRow = (written: string): Html =>
  html`<tr class="heading">
    <th scope="rowgroup" colspan="3">${written.trim()}</th>
  </tr>`;

/** The ledger of one batch: both columns, line by line. */
function ledgerOf(plan: PlanReply, isShown: boolean): Html {
  const rows = plan.lines.flatMap((line, at) => {
    if (SHOWN.includes(line.kind)) return [rowOf(line)];
    return line.kind === 'heading' && headsIngredients(plan, at) ? [headingRow(line.written)] : [];
  });
  const { pieces, grams } = plan.makes;
  const facts = [
    ...(pieces === null ? [] : [WORDS.makes(short(pieces, 1))]),
    WORDS.dough(fixed(grams, 0)),
  ];
  return html`<div
    class="ledger"
    data-factor="${plan.factor.exact}"
    ${isShown ? null : html`hidden`}
  >
    <p>× ${plan.factor.exact}, ${facts.join(', ')}</p>
    <table>
      <thead>
        <tr>
          <th scope="col">${WORDS.written}</th>
          <th scope="col">${WORDS.measure}</th>
          <th scope="col" class="figure">${WORDS.weigh}</th>
        </tr>
      </thead>
      <tbody>
        ${rows}
      </tbody>
    </table>
  </div>`;
}

/** The card of a recipe: its ledgers by batch, its method, allergens and cautions. */
export function cardOf(
  { title, author, plans, at }: BookRecipe,
  number: number,
  allergens: string,
): Html {
  const shown = plans[at]!;
  const steps = shown.lines.filter(({ kind }) => kind === 'step');
  const options = plans.map(
    ({ factor }, index) =>
      html`<option value="${factor.exact}" ${index === at ? html`selected` : null}>
        × ${factor.exact}
      </option>`,
  );
  return html`<article id="recipe-${number}">
    <h2><span>${number}</span> ${title}</h2>
    ${author === null ? null : html`<p class="by">${WORDS.by(author)}</p>`}
    <label class="no-print"
      >${WORDS.batch}
      <select>
        ${options}
      </select></label
    >
    ${plans.map((plan, index) => ledgerOf(plan, index === at))}
    ${
      steps.length === 0
        ? null
        : html`<h3>${WORDS.method}</h3>
            <ol>
              ${steps.map(({ written }) => html`<li>${written.trim()}</li>`)}
            </ol>`
    }
    ${
      allergens === ''
        ? null
        : html`<p class="note"><b>${WORDS.allergens}</b> ${allergens}. ${WORDS.allergenCaution}</p>`
    }
    ${shown.cautions.map(({ message }) => html`<p class="note">${message}</p>`)}
  </article>`;
}
