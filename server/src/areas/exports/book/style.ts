import type { Paper } from '@ypsigram/contract';

/** How a book is laid on a paper, in the words of a style sheet. */
interface Layout {
  readonly page: string;
  readonly margin: string;
  readonly font: string;
}

const SMALL = '8.5pt/1.35';
const LAYOUTS: Readonly<Record<Paper, Layout>> = {
  a4: { page: 'A4', margin: '18mm', font: '11pt/1.45' },
  letter: { page: 'letter', margin: '18mm', font: '11pt/1.45' },
  a5: { page: 'A5', margin: '10mm 10mm 14mm', font: SMALL },
  // Two of its pages lie on each side of a sheet, each with margins of its own.
  'a5-folded': { page: 'A4 landscape', margin: '0', font: SMALL },
};

const EVERY_PAPER = `
:root { color-scheme: only light; }
body { margin: 0 auto; max-width: 46rem; padding: 1rem; background: #fff; color: #14213d; font-variant-numeric: tabular-nums; }
h1, h2, h3 { color: #14316f; line-height: 1.2; }
a { color: inherit; }
.bar { display: flex; flex-wrap: wrap; gap: .5rem 1rem; align-items: center; padding-bottom: 1rem; border-bottom: 2px solid #1d3f94; font-size: 11pt; }
.bar p { flex-basis: 100%; margin: 0; }
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
h2, h3 { break-after: avoid; }`;

/** On pages of their own; contents and index name pages where the browser can count them. */
const PAGES = `
@page { @bottom-center { content: counter(page); font: 9pt system-ui, sans-serif; color: #4a5674; } }
@page :first { @bottom-center { content: none; } }
@media print {
  .no-print { display: none; }
  body { max-width: none; padding: 0; }
  .title-page { min-height: 80vh; break-after: page; }
  article, .index, .chart { break-before: page; }
  @supports (content: target-counter(attr(href url), page)) {
    .contents a { display: flex; justify-content: space-between; text-decoration: none; }
    .contents a::after { content: target-counter(attr(href url), page); }
    .index a { font-size: 0; text-decoration: none; }
    .index a::after { content: target-counter(attr(href url), page); font-size: 8.5pt; }
  }
}`;

/** Two pages beside each other on each side of a sheet; the book itself stays for who listens to it. */
const SHEETS = `
.strip { width: 128.5mm; height: 186mm; columns: 128.5mm; column-gap: 0; column-fill: auto; position: relative; }
.strip > * { margin-top: 0; padding: 0 .5mm; }
.strip .title-page { height: 170mm; min-height: 0; }
.strip .no-print { display: none; }
.strip a { display: flex; justify-content: space-between; }
.strip .index a { display: inline; margin-left: .4em; }
.sheet { display: flex; width: 297mm; height: 209.5mm; overflow: hidden; break-inside: avoid; }
.sheet > div { position: relative; box-sizing: border-box; flex: 0 0 148.5mm; padding: 10mm; overflow: hidden; }
.sheet > div > div { width: 128.5mm; height: 186mm; overflow: hidden; }
.sheet footer { position: absolute; inset: auto 0 5mm; text-align: center; color: #4a5674; }
@media screen {
  body.folded { max-width: 300mm; }
  .folded main { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); }
  .sheets { overflow-x: auto; }
  .sheet { margin: 1rem 0; outline: 1px solid #c9d1e3; }
  .sheet > div + div { border-left: 1px dashed #c9d1e3; }
}
@media print {
  .folded main { display: none; }
  body.folded { max-width: none; padding: 0; }
  .sheet + .sheet { break-before: page; }
}`;

/** The style of a book on a paper. */
export function styleFor(paper: Paper): string {
  const { page, margin, font } = LAYOUTS[paper];
  const own = `@page { size: ${page}; margin: ${margin}; }\nbody { font: ${font} system-ui, sans-serif; }`;
  return `${EVERY_PAPER}\n${paper === 'a5-folded' ? SHEETS : PAGES}\n${own}`;
}
