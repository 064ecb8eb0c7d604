/** Shows the ledger of the batch that is chosen; prints. */
export const BATCH_SCRIPT = `
for (const card of document.querySelectorAll('article')) {
  const field = card.querySelector('select');
  const show = () => { for (const ledger of card.querySelectorAll('.ledger')) ledger.hidden = ledger.dataset.factor !== field.value; };
  field.addEventListener('change', show);
  show();
}
for (const button of document.querySelectorAll('[data-print]')) button.addEventListener('click', () => window.print());`;

/**
 * Lays the parts of a book out as columns of one page each, and those two and two on the sides of
 * sheets, in the order in which they follow each other once all sheets are folded in the middle.
 * Contents and index name the pages.
 */
export const FOLD_SCRIPT = `
const make = (name, className) => Object.assign(document.createElement(name), { className });
const main = document.querySelector('main');
const sheets = document.body.insertBefore(make('div', 'sheets'), main);
sheets.setAttribute('aria-hidden', 'true');
const strips = [...main.children].map((part) => {
  const strip = make('div', 'strip');
  const copy = part.cloneNode(true);
  for (const one of [copy, ...copy.querySelectorAll('[id]')]) one.removeAttribute('id');
  strip.append(copy);
  sheets.append(strip);
  return { part, strip, pages: Math.max(1, Math.round(strip.scrollWidth / strip.clientWidth)) };
});
const pageOf = new Map();
let count = 0;
for (const { part, pages } of strips) {
  pageOf.set('#' + part.id, count + 1);
  count += pages;
}
const pages = strips.flatMap(({ strip, pages }) => {
  for (const link of strip.querySelectorAll('a')) {
    const number = String(pageOf.get(link.getAttribute('href')));
    link.removeAttribute('href');
    if (link.closest('.index')) link.textContent = number;
    else link.append(Object.assign(make('span', ''), { textContent: number }));
  }
  strip.remove();
  return Array.from({ length: pages }, (_, at) => {
    const shown = strip.cloneNode(true);
    shown.style.left = at * -128.5 + 'mm';
    return shown;
  });
});
const whole = Math.ceil(pages.length / 4) * 4;
const half = (at) => {
  const page = make('div', '');
  const frame = page.appendChild(make('div', ''));
  if (pages[at]) {
    frame.append(pages[at]);
    if (at > 0) page.append(Object.assign(make('footer', ''), { textContent: String(at + 1) }));
  }
  return page;
};
for (let low = 0; low < whole / 2; low++) {
  const high = whole - 1 - low;
  const side = sheets.appendChild(make('div', 'sheet'));
  side.append(...(low % 2 === 0 ? [high, low] : [low, high]).map(half));
}
document.body.classList.add('folded');`;
