import { BOOK_WORDS as WORDS, PAPERS, type Paper } from '@ypsigram/contract';
import { Html, html } from './html.js';

/** How large each paper is called in a style sheet, by the name that people know it by. */
const PAPER_NAMES: Readonly<Record<Paper, string>> = { a4: 'A4', letter: 'letter', a5: 'A5' };

const STYLE = (paper: Paper): string => `
@page { size: ${PAPER_NAMES[paper]}; margin: ${paper === 'a5' ? '10mm' : '18mm'}; }
:root { color-scheme: only light; }
body { margin: 0 auto; max-width: 46rem; padding: 1rem; background: #fff; color: #14213d;
  font: ${paper === 'a5' ? '8.5pt/1.35' : '11pt/1.45'} system-ui, sans-serif; font-variant-numeric: tabular-nums; }
h1, h2, h3 { color: #14316f; line-height: 1.2; }
a { color: inherit; }
.bar { display: flex; flex-wrap: wrap; gap: .5rem 1rem; align-items: center; padding-bottom: 1rem; border-bottom: 2px solid #1d3f94; }
.bar button, select { min-height: 2.75rem; padding: 0 1rem; font: inherit; }
.title-page { display: grid; place-content: center; min-height: 60vh; text-align: center; }
.title-page h1 { font-size: 2.6em; }
table { width: 100%; border-collapse: collapse; }
th, td { padding: .2rem .6rem .2rem 0; border-bottom: 1px solid #c9d1e3; text-align: left; vertical-align: baseline; font-weight: 500; }
thead th { color: #4a5674; }
.heading th { padding-top: .7rem; font-weight: 700; }
.figure { text-align: right; white-space: nowrap; padding-right: 0; }
td.figure { font-weight: 700; }
.chart .figure { padding-left: .5rem; }
small { font-weight: 400; color: #4a5674; }
h2 span { color: #8a6a10; }
.note, .by { color: #4a5674; }
.index ul { columns: 2; padding: 0; list-style: none; }
.index span a { margin-left: .4em; }
tr, li, .note { break-inside: avoid; }
h2, h3 { break-after: avoid; }
@media print {
  .no-print { display: none; }
  body { max-width: none; padding: 0; }
  .title-page { min-height: 80vh; break-after: page; }
  article, .index, .chart { break-before: page; }
}`;

/** Shows the ledger of the batch that is chosen. */
const SCRIPT = `
for (const card of document.querySelectorAll('article')) {
  const field = card.querySelector('select');
  const show = () => { for (const ledger of card.querySelectorAll('.ledger')) ledger.hidden = ledger.dataset.factor !== field.value; };
  field.addEventListener('change', show);
  show();
}
for (const button of document.querySelectorAll('[data-print]')) button.addEventListener('click', () => window.print());`;

/** What a book is put into a document with. */
export interface DocumentParts {
  readonly title: string;
  readonly body: Html;
  readonly paper: Paper;
  /** The recipes as linked data, by which they come in again. */
  readonly linkedData: string;
  /** The one token under which its style and script may run where a policy asks for one. */
  readonly nonce: string;
  /** Where the same book is on other paper, and as a file; null in a file. */
  readonly elsewhere: ((change: Readonly<Record<string, string>>) => string) | null;
}

/** One document with everything in it: nothing is fetched from anywhere. */
export function bookDocument({
  title,
  body,
  paper,
  linkedData,
  nonce,
  elsewhere,
}: DocumentParts): string {
  // A "</script>" within a recipe must not end the script that it stands in.
  const data = new Html(linkedData.replaceAll('<', '\\u003c'));
  const papers =
    elsewhere &&
    PAPERS.map((one) =>
      one === paper
        ? html`<b>${PAPER_NAMES[one]}</b>`
        : html`<a href="${elsewhere({ paper: one })}">${PAPER_NAMES[one]}</a>`,
    );
  const save =
    elsewhere && html`<a href="${elsewhere({ download: '1' })}" download>${WORDS.save}</a>`;
  return html`<!doctype html>
    <html lang="en">
      <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <title>${title}</title>
        <style nonce="${nonce}">
          ${new Html(STYLE(paper))}
        </style>
        <script type="application/ld+json">
          ${data}
        </script>
      </head>
      <body>
        <div class="bar no-print">
          <button type="button" data-print>${WORDS.print}</button>
          ${papers} ${save}
        </div>
        <main>${body}</main>
        <script nonce="${nonce}">
          ${new Html(SCRIPT)};
        </script>
      </body>
    </html>`.text;
}
