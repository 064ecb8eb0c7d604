import { BOOK_WORDS as WORDS, PAPERS, type Paper } from '@ypsigram/contract';
import { Html, html } from './html.js';
import { scriptFor } from './script.js';
import { styleFor } from './style.js';

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
  const isFolded = paper === 'a5-folded';
  const papers =
    elsewhere &&
    PAPERS.map((one) =>
      one === paper
        ? html`<b>${WORDS.papers[one]}</b>`
        : html`<a href="${elsewhere({ paper: one })}">${WORDS.papers[one]}</a>`,
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
          ${new Html(styleFor(paper))}
        </style>
        <script type="application/ld+json">
          ${data}
        </script>
      </head>
      <body>
        <div class="bar no-print">
          <button type="button" data-print>${WORDS.print}</button>
          ${papers} ${save} ${isFolded ? html`<p>${WORDS.howToFold}</p>` : null}
        </div>
        <main>${body}</main>
        <script nonce="${nonce}">
          ${new Html(scriptFor(isFolded))};
        </script>
      </body>
    </html>`.text;
}
