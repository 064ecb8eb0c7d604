/** Paper that labels are printed on. */
export const LABEL_PAPERS = ['a4', 'letter', 'roll'] as const;
/** One of `LABEL_PAPERS`. */
export type LabelPaper = (typeof LABEL_PAPERS)[number];

/** How many labels may stand on a sheet. */
export const LABELS_PER_SHEET = [8, 12, 24] as const;
/** One of `LABELS_PER_SHEET`. */
export type LabelsPerSheet = (typeof LABELS_PER_SHEET)[number];

/** A sheet of labels, in millimetres. */
export interface LabelSheet {
  readonly pageWidth: number;
  readonly pageHeight: number;
  readonly columns: number;
  readonly rows: number;
  readonly labelWidth: number;
  readonly labelHeight: number;
  /** Blank around the labels, so that no printer cuts into one. */
  readonly marginX: number;
  readonly marginY: number;
}

const PAGES = { a4: { width: 210, height: 297 }, letter: { width: 215.9, height: 279.4 } } as const;
const ROLL = { width: 62, height: 40 } as const;
const ROWS: Readonly<Record<LabelsPerSheet, readonly [columns: number, rows: number]>> = {
  8: [2, 4],
  12: [2, 6],
  24: [3, 8],
};
/** What home printers leave blank at the edges. */
const LEAST_MARGIN = 6;

/**
 * How labels stand on a sheet: as large as they can be in equal rows and columns within the
 * margins, a whole number of millimetres each. On a roll each label is a page of its own.
 */
export function labelSheet(paper: LabelPaper, perSheet: LabelsPerSheet): LabelSheet {
  if (paper === 'roll') {
    const { width, height } = ROLL;
    return {
      pageWidth: width,
      pageHeight: height,
      columns: 1,
      rows: 1,
      labelWidth: width,
      labelHeight: height,
      marginX: 0,
      marginY: 0,
    };
  }
  const { width, height } = PAGES[paper];
  const [columns, rows] = ROWS[perSheet];
  const labelWidth = Math.floor((width - 2 * LEAST_MARGIN) / columns);
  const labelHeight = Math.floor((height - 2 * LEAST_MARGIN) / rows);
  return {
    pageWidth: width,
    pageHeight: height,
    columns,
    rows,
    labelWidth,
    labelHeight,
    marginX: (width - columns * labelWidth) / 2,
    marginY: (height - rows * labelHeight) / 2,
  };
}

/**
 * Labels on their sheets, in order, from a place on the first that is still there: a sheet that
 * was begun is used up. Null is a place left blank.
 */
export function labelPages<T>(
  labels: readonly T[],
  { columns, rows }: Pick<LabelSheet, 'columns' | 'rows'>,
  firstPlace = 0,
): readonly (readonly (T | null)[])[] {
  const perPage = columns * rows;
  const blank = Array.from({ length: firstPlace % perPage }, () => null);
  const all = [...blank, ...labels];
  return Array.from({ length: Math.ceil(all.length / perPage) }, (_, page) =>
    all.slice(page * perPage, (page + 1) * perPage),
  );
}
