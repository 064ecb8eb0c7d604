import type { Paper } from '@ypsigram/contract';

/** A paper, and how pages lie on it; millimetres. */
interface Layout {
  /** As a style sheet calls what goes into the printer. */
  readonly sheet: string;
  readonly pageWidth: number;
  readonly pageHeight: number;
  readonly margin: number;
  readonly font: string;
}

const LARGE = '11pt/1.45';
const SMALL = '8.5pt/1.35';
const LAYOUTS: Readonly<Record<Paper, Layout>> = {
  a4: { sheet: 'A4', pageWidth: 210, pageHeight: 297, margin: 18, font: LARGE },
  letter: { sheet: 'letter', pageWidth: 215.9, pageHeight: 279.4, margin: 18, font: LARGE },
  a5: { sheet: 'A5', pageWidth: 148, pageHeight: 210, margin: 11, font: SMALL },
  'a5-folded': {
    sheet: 'A4 landscape',
    pageWidth: 148.5,
    pageHeight: 210,
    margin: 11,
    font: SMALL,
  },
};

/** A page is a little lower than its paper, so that no blank one follows by rounding. */
const SPARED = 0.5;

const FLOW = `
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
h2, h3 { break-after: avoid; }
@media print {
  .no-print { display: none; }
  body { max-width: none; padding: 0; }
  .title-page { min-height: 80vh; break-after: page; }
  article, .index, .chart { break-before: page; }
}`;

/** What the script makes for the printer: pages of a book, on the sides of sheets. */
const PAGES = `
.pages .no-print { display: none; }
.strip { position: relative; column-gap: 10mm; column-fill: auto; }
.strip > * > :first-child { margin-top: 0; }
.strip .title-page { height: 60%; min-height: 0; }
.strip a { text-decoration: none; }
.strip .contents a { display: flex; justify-content: space-between; }
.side { display: flex; overflow: hidden; break-inside: avoid; }
.leaf { position: relative; box-sizing: border-box; overflow: hidden; }
.leaf > div { overflow: hidden; }
.leaf footer { position: absolute; inset: auto 0 5mm; text-align: center; color: #4a5674; font-size: 8.5pt; }
@media screen { .pages { position: absolute; visibility: hidden; } }
@media print {
  .in-pages main { display: none; }
  .pages { page: laid-out; }
  .side + .side { break-before: page; }
}`;

/** The style of a book on a paper. */
export function styleFor(paper: Paper): string {
  const { sheet, pageWidth, pageHeight, margin, font } = LAYOUTS[paper];
  const width = `${pageWidth - 2 * margin}mm`;
  const height = `${pageHeight - 2 * margin}mm`;
  const own = `
body { font: ${font} system-ui, sans-serif; }
@page { size: ${sheet}; margin: ${margin}mm; }
@page laid-out { size: ${sheet}; margin: 0; }
.strip { width: ${width}; height: ${height}; columns: ${width}; }
.leaf { width: ${pageWidth}mm; height: ${pageHeight}mm; padding: ${margin}mm; }
.leaf > div { width: ${width}; height: ${height}; }
.side { height: ${pageHeight - SPARED}mm; }`;
  return `${FLOW}\n${PAGES}\n${own}`;
}
