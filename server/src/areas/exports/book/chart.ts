import { BOOK_WORDS as WORDS, METHOD_NAMES, fixed } from '@ypsigram/contract';
import { CHART_MEASURES, type ChartRow } from '@ypsigram/core/quick';
import { html, type Html } from './html.js';

/** Fewer grams than this are shown with a decimal. */
const FINE_GRAMS = 20;
const inGrams = (grams: number): string => fixed(grams, grams < FINE_GRAMS ? 1 : 0);

/** The conversion chart of a kitchen, as a table. */
export function chartOf(rows: readonly ChartRow[], cups: string): Html {
  return html`<section class="chart">
    <h2>${WORDS.chart}</h2>
    <p>${WORDS.chartNote(cups)}</p>
    <table>
      <thead>
        <tr>
          <th scope="col">${WORDS.ingredient}</th>
          <th scope="col">${WORDS.filled}</th>
          ${CHART_MEASURES.map(
            ({ nominal, unit }) =>
              html`<th scope="col" class="figure">${nominal.toFraction(true)} ${unit}</th>`,
          )}
        </tr>
      </thead>
      <tbody>
        ${rows.map(
          ({ ingredient, method, cells }) =>
            html`<tr>
              <th scope="row">${ingredient.name}</th>
              <td>${METHOD_NAMES[method]}</td>
              ${cells.map(
                ({ grams, low, high }, at) =>
                  html`<td class="figure">
                    ${inGrams(grams)}${at === 0 ? html` <small>${inGrams(low)}–${inGrams(high)}</small>` : null}
                  </td>`,
              )}
            </tr>`,
        )}
      </tbody>
    </table>
  </section>`;
}
