import { Parser } from 'htmlparser2';

/** Elements that stand on lines of their own. */
const BLOCKS: ReadonlySet<string> = new Set([
  'p',
  'blockquote',
  'dd',
  'dl',
  'dt',
  'figure',
  'figcaption',
  'main',
  'nav',
  'aside',
  'form',
  'pre',
  'body',
  'div',
  'li',
  'ul',
  'ol',
  'br',
  'tr',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'section',
  'article',
  'header',
  'footer',
  'table',
]);
/** Elements whose content is not for people. */
const SILENT: ReadonlySet<string> = new Set(['script', 'style', 'template', 'noscript', 'head']);

/** Cells of a row stand beside each other. */
const CELLS: ReadonlySet<string> = new Set(['td', 'th']);

export const isBlock = (element: string): boolean => BLOCKS.has(element);
export const isCell = (element: string): boolean => CELLS.has(element);
export const isSilent = (element: string): boolean => SILENT.has(element);

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.replace(/\s+/g, ' ').trim())
    .filter((line) => line !== '');

/**
 * The text of a piece of HTML, a line for each block, entities as the characters they stand for.
 * Nothing is rendered, run or fetched.
 */
export function textOfHtml(html: string): string {
  let text = '';
  let silent = 0;
  const parser = new Parser({
    onopentagname(name) {
      if (SILENT.has(name)) silent++;
      else if (BLOCKS.has(name)) text += '\n';
    },
    ontext(data) {
      if (silent === 0) text += data;
    },
    onclosetag(name) {
      if (SILENT.has(name)) silent = Math.max(0, silent - 1);
      else if (BLOCKS.has(name)) text += '\n';
      else if (CELLS.has(name)) text += ' ';
    },
  });
  parser.write(html);
  parser.end();
  return linesOf(text).join('\n');
}

/** The content of all scripts of a page that hold linked data. Other scripts are passed over. */
export function linkedDataIn(html: string): string[] {
  const found: string[] = [];
  let current: string | null = null;
  const parser = new Parser({
    onopentag(name, { type = '' }) {
      if (name === 'script' && /^\s*application\/ld\+json/i.test(type)) current = '';
    },
    ontext(data) {
      if (current !== null) current += data;
    },
    onclosetag(name) {
      if (name !== 'script' || current === null) return;
      found.push(current);
      current = null;
    },
  });
  parser.write(html);
  parser.end();
  return found;
}
