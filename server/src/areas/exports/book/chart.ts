import { BOOK_WORDS as WORDS, METHOD_NAMES, measureGrams } from '@ypsigram/contract';
import { CHART_MEASURES, type ConversionRow } from '@ypsigram/core/quick';
import { html, type Html } from './html.js';

/** The conversion chart of a kitchen, as a table. */
export function chartOf(rows: readonly ConversionRow[], cups: string): Html {
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
                    ${measureGrams(grams)}${at === 0 ? html` <small>${measureGrams(low)}–${measureGrams(high)}</small>` : null}
                  </td>`,
              )}
            </tr>`,
        )}
      </tbody>
    </table>
  </section>`;
}
