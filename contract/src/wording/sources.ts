import type { SourceRef } from '@ypsigram/core/catalogue';

const several = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;

/** Where a figure comes from, to stand after "Source:". */
export function sourceText(source: SourceRef): string {
  switch (source.from) {
    case 'table':
      return `public food table, no. ${source.rows.join(', ')}`;
    case 'other-release':
      return `another release of the public food table, no. ${source.rows.join(', ')}`;
    case 'physics':
      return 'what it is made of';
    case 'kin':
      return `what is like it in the public food table, no. ${source.rows.join(', ')}`;
    case 'handbook':
      return 'handbook of household weights (AH456)';
    case 'packages':
      return 'serving weights on packages';
    case 'egg-grades':
      return 'European weight grades, less 12 % shell';
    case 'nominal':
      return 'what is printed on it';
    case 'knowledge':
      return 'general knowledge, unsourced';
    case 'kitchen':
      return 'this kitchen';
    case 'line':
      return 'the weight written on this line';
    case 'pinned':
      return 'set by you';
    case 'bakes':
      return several(source.bakes, 'bake');
    case 'author':
      return source.author;
    case 'author-lines':
      return `${source.author}, inferred from ${several(source.lines, 'line')}`;
    case 'author-flour':
      return `${source.author}, by what its all-purpose flour weighs`;
    case 'hand':
      return `${source.hand}, ${several(source.trials, 'trial')}`;
    case 'same-by-weight':
      return 'the same salt by weight';
  }
}
