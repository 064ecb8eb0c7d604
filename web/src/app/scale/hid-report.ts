import type { ReportField } from '@ypsigram/core/bench/devices';

/** A report by its number, and what it is made of. */
export interface DescribedReport {
  readonly id: number;
  readonly fields: readonly ReportField[];
}

const usagesOf = ({ isRange, usages, usageMinimum, usageMaximum }: HIDReportItem): number[] => {
  if (!isRange) return usages ?? [];
  const [first = 0, last = -1] = [usageMinimum, usageMaximum];
  return Array.from({ length: last - first + 1 }, (_, at) => first + at);
};

const fieldOf = (item: HIDReportItem): ReportField => ({
  // Bits that only fill up hold nothing.
  usages: item.isConstant ? [] : usagesOf(item),
  bits: item.reportSize ?? 0,
  count: item.reportCount ?? 1,
  least: item.logicalMinimum ?? 0,
});

/** The first report that holds a usage, in collections and those inside them; null where none does. */
export function reportWith(
  usage: number,
  kind: 'inputReports' | 'outputReports',
  collections: readonly HIDCollectionInfo[],
): DescribedReport | null {
  for (const collection of collections) {
    for (const { reportId = 0, items = [] } of collection[kind] ?? []) {
      const fields = items.map(fieldOf);
      if (fields.some(({ usages }) => usages.includes(usage))) return { id: reportId, fields };
    }
    const inside = reportWith(usage, kind, collection.children ?? []);
    if (inside) return inside;
  }
  return null;
}

/** The bytes of a report in which one switch is on, and all else off. */
export function switchedOn(usage: number, { fields }: DescribedReport): Uint8Array<ArrayBuffer> {
  const bits = fields.reduce((total, field) => total + field.bits * field.count, 0);
  const bytes = new Uint8Array(Math.ceil(bits / 8));
  let at = 0;
  for (const { usages, bits: size, count } of fields) {
    const which = usages.indexOf(usage);
    if (which >= 0) {
      const bit = at + which * size;
      bytes[bit >> 3]! |= 1 << (bit & 7);
      return bytes;
    }
    at += size * count;
  }
  return bytes;
}
