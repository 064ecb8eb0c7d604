import type { MeasurePlan } from '../fills/index.js';

/** What is filled, by the tools' ids: "2 × 1 cup + 1 tbsp", "1 egg + 2 tbsp of egg". */
export const filled = (measure: Pick<MeasurePlan, 'fills'> | null | undefined): string =>
  (measure?.fills ?? [])
    .map(({ tool, kind, name, count, of }) => {
      const what = kind === 'piece' ? name! : tool;
      return [
        count === 1 && kind !== 'piece' ? '' : `${count} × `,
        what,
        of ? ` of ${of}` : '',
      ].join('');
    })
    .join(' + ');
