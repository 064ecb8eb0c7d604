import { Parser } from 'htmlparser2';
import { isBlock, isCell, isSilent } from './html-text.js';

/** Parts of a page that lead elsewhere, or ask for something. */
const AROUND: ReadonlySet<string> = new Set([
  'nav',
  'aside',
  'footer',
  'form',
  'button',
  'select',
  'iframe',
  'dialog',
  'svg',
]);
/** What a page itself says is its content, the surest first. */
const CONTENT = ['main', 'article'] as const;
/** A part with fewer lines is no recipe: the next surer part is taken, or the whole page. */
const FEWEST_LINES = 4;

interface Line {
  text: string;
  /** The parts of the page that it stands in. */
  readonly within: ReadonlySet<string>;
  readonly isHeading: boolean;
}

function linesOfPage(html: string): Line[] {
  const lines: Line[] = [];
  const depths = new Map<string, number>();
  const is = (name: string): boolean => (depths.get(name) ?? 0) > 0;
  const step = (name: string, by: number): void =>
    void depths.set(name, Math.max(0, (depths.get(name) ?? 0) + by));
  let leftOut = 0;
  let current: Line | null = null;
  const parser = new Parser({
    onopentagname(name) {
      if (isSilent(name) || AROUND.has(name)) leftOut++;
      if (isBlock(name)) current = null;
      if (name === 'main' || name === 'article' || name === 'h1') step(name, 1);
    },
    ontext(data) {
      if (leftOut > 0) return;
      if (!current) {
        if (data.trim() === '') return;
        const within = new Set(CONTENT.filter(is));
        lines.push((current = { text: '', within, isHeading: is('h1') }));
      }
      current.text += data;
    },
    onclosetag(name) {
      if (isSilent(name) || AROUND.has(name)) leftOut = Math.max(0, leftOut - 1);
      if (isBlock(name)) current = null;
      if (isCell(name) && current) current.text += ' ';
      if (name === 'main' || name === 'article' || name === 'h1') step(name, -1);
    },
  });
  parser.write(html);
  parser.end();
  return lines
    .map((line) => ({ ...line, text: line.text.replace(/\s+/g, ' ').trim() }))
    .filter(({ text }) => text !== '');
}

/**
 * What a page says to its readers, a line for each block, from its heading on: its main part where
 * it names one, without menus, forms and what stands at its foot. Nothing is rendered, run or fetched.
 */
export function textOfPage(html: string): string {
  const all = linesOfPage(html);
  const part = CONTENT.map((name) => all.filter(({ within }) => within.has(name))).find(
    (lines) => lines.length >= FEWEST_LINES,
  );
  const lines = part ?? all;
  const heading = lines.findIndex(({ isHeading }) => isHeading);
  return lines
    .slice(Math.max(0, heading))
    .map(({ text }) => text)
    .join('\n');
}
