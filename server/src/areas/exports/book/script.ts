/** Shows the ledger of the batch that is chosen; prints. */
const BATCHES = `
for (const card of document.querySelectorAll('article')) {
  const field = card.querySelector('select');
  const show = () => { for (const ledger of card.querySelectorAll('.ledger')) ledger.hidden = ledger.dataset.factor !== field.value; };
  field.addEventListener('change', show);
  show();
}
for (const button of document.querySelectorAll('[data-print]')) button.addEventListener('click', () => window.print());`;

/**
 * For the printer only: each part of the book as columns of one page each, so that its pages are known
 * and contents and index can name them. On sheets that are folded they lie two and two, in the
 * order in which they follow each other once all sheets are folded in the middle.
 */
const PAGES = `
const make = (name, className = '', text = '') => Object.assign(document.createElement(name), { className, textContent: text });
const main = document.querySelector('main');
let laidOut = null;

function stripOf(part) {
  const strip = make('div', 'strip');
  const copy = strip.appendChild(part.cloneNode(true));
  for (const one of [copy, ...copy.querySelectorAll('[id]')]) one.removeAttribute('id');
  laidOut.append(strip);
  // Between two pages lies a gap, so that nothing of the next one shows at the edge.
  const { width } = strip.getBoundingClientRect();
  const gap = parseFloat(getComputedStyle(strip).columnGap);
  const step = width + gap;
  return { id: '#' + part.id, strip, step, count: Math.max(1, Math.round((strip.scrollWidth + gap) / step)) };
}

function leaf(page, at) {
  const leaf = make('div', 'leaf');
  const frame = leaf.appendChild(make('div'));
  if (page) {
    frame.append(page);
    if (at > 0) leaf.append(make('footer', '', at + 1));
  }
  return leaf;
}

function layOut() {
  putAway();
  laidOut = document.body.appendChild(make('div', 'pages'));
  const strips = [...main.children].map(stripOf);
  const firstPages = new Map();
  let next = 1;
  for (const { id, count } of strips) {
    firstPages.set(id, next);
    next += count;
  }
  const pages = strips.flatMap(({ strip, step, count }) => {
    for (const link of strip.querySelectorAll('a')) {
      const page = firstPages.get(link.getAttribute('href'));
      if (link.closest('.index')) link.textContent = page;
      else link.append(make('span', '', page));
    }
    strip.remove();
    return Array.from({ length: count }, (_, at) => {
      const shown = strip.cloneNode(true);
      shown.style.left = -at * step + 'px';
      return shown;
    });
  });
  for (const side of sidesOf(pages.length)) {
    const laid = make('div', 'side');
    laid.append(...side.map((at) => leaf(pages[at], at)));
    laidOut.append(laid);
  }
  document.body.classList.add('in-pages');
}

function sidesOf(count) {
  if (!isFolded) return Array.from({ length: count }, (_, at) => [at]);
  const last = Math.ceil(count / 4) * 4 - 1;
  return Array.from({ length: (last + 1) / 2 }, (_, at) => at % 2 === 0 ? [last - at, at] : [at, last - at]);
}

function putAway() {
  laidOut?.remove();
  laidOut = null;
  document.body.classList.remove('in-pages');
}

addEventListener('beforeprint', layOut);
addEventListener('afterprint', putAway);`;

/** What runs in a book: its batches, and how it is laid out for the printer. */
export const scriptFor = (isFolded: boolean): string =>
  `${BATCHES}\nconst isFolded = ${isFolded};${PAGES}`;
