import { moveLine, shiftLine } from './move-line';

const BOWLS = [
  { section: 'dough', lines: ['a', 'b', 'c'] },
  { section: 'filling', lines: ['d'] },
];
const linesAfter = (from: [number, number], to: [number, number]): string[] =>
  moveLine(BOWLS, { bowl: from[0], at: from[1] }, { bowl: to[0], at: to[1] }).map(({ lines }) =>
    lines.join(''),
  );

describe('moving a container on the tray', () => {
  it('changes the order within a bowl', () => {
    expect(linesAfter([0, 0], [0, 2])).toEqual(['bca', 'd']);
  });

  it('puts it into another bowl', () => {
    expect(linesAfter([0, 1], [1, 0])).toEqual(['ac', 'bd']);
  });

  it('takes away a bowl that is empty then', () => {
    expect(linesAfter([1, 0], [0, 3])).toEqual(['abcd']);
  });

  it('shifts a line by one place, also over the edge of its bowl', () => {
    const shifted = (id: string, by: 1 | -1) =>
      shiftLine(BOWLS, id, by).map(({ lines }) => lines.join(''));
    expect(shifted('b', -1)).toEqual(['bac', 'd']);
    expect(shifted('c', 1)).toEqual(['ab', 'cd']);
    expect(shifted('d', -1)).toEqual(['abcd']);
    expect(shiftLine(BOWLS, 'a', -1)).toBe(BOWLS);
    expect(shiftLine(BOWLS, 'gone', 1)).toBe(BOWLS);
  });

  it('moves nothing that is not there, or that is there already', () => {
    const stay = (from: [number, number], to: [number, number]) =>
      moveLine(BOWLS, { bowl: from[0], at: from[1] }, { bowl: to[0], at: to[1] });
    expect(stay([0, 1], [0, 1])).toBe(BOWLS);
    expect(stay([0, 9], [1, 0])).toBe(BOWLS);
    expect(stay([0, 0], [7, 0])).toBe(BOWLS);
  });
});
