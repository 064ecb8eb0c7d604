import type { PlanLine } from '@ypsigram/core/batch';
import { allPictured, nextPictured } from './pictured';

const plan = (name: string, count: number): readonly PlanLine[] =>
  Array.from({ length: count }, (_, at) => ({ written: `${name} ${at}` }) as PlanLine);
const names = (lines: readonly PlanLine[]): string => lines.map(({ written }) => written).join();

describe('the pictures of a batch that is dragged', () => {
  const seen = new Set([0, 1, 2, 3, 4]);

  it('follow a few at a time, in turn, until each has', () => {
    const old = plan('old', 6);
    const now = plan('now', 6);
    const first = nextPictured(now, allPictured(old), seen);
    expect(names(first.lines)).toBe('now 0,old 1,old 2,old 3,old 4,old 5');
    const last = [1, 2, 3, 4].reduce((drawn) => nextPictured(now, drawn, seen), first);
    expect(names(last.lines)).toBe('now 0,now 1,now 2,now 3,now 4,old 5');
  });

  it('are all new where nothing was drawn, or other lines were', () => {
    const now = plan('now', 3);
    expect(nextPictured(now, undefined, seen).lines).toBe(now);
    expect(nextPictured(now, allPictured(plan('old', 4)), seen).lines).toBe(now);
  });

  it('are all new when none is in sight', () => {
    const now = plan('now', 3);
    expect(nextPictured(now, allPictured(plan('old', 3)), new Set()).lines).toBe(now);
  });
});
