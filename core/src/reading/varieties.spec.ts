import { readText, readUsualLine } from '../testing/usual.js';

const read = (written: string): string | null => readUsualLine(written).ingredientId;
const codes = (written: string): string[] => readUsualLine(written).notes.map(({ code }) => code);

describe('a variety that nobody has listed', () => {
  it('is one of what it comes before, and that is said', () => {
    expect(read('3 Ribston Pippin apples')).toBe('apple');
    expect(read('1 cup Tupelo honey')).toBe('honey');
    expect(read('200 g Cornish cheddar')).toBe('cheddar');
    expect(codes('1 cup Tupelo honey')).toContain('assumed-kind');
    expect(codes('1 cup honey')).not.toContain('assumed-kind');
  });

  it('is none where the word makes something else of it, or names something of its own', () => {
    for (const other of [
      'custard apples',
      'toffee apples',
      'dried pears',
      'prickly pears',
      'sparkling honey',
      'peanut honey',
      'mock cheddar',
      'three odd words honey',
    ]) {
      expect(['apple', 'pear', 'honey', 'cheddar'])
        .withContext(other)
        .not.toContain(read(`1 cup ${other}`) ?? '?');
    }
  });

  it('is none in prose', () => {
    expect(read('the usual amount of honey, love')).toBeNull();
    expect(read('our neighbour’s apples')).toBeNull();
  });

  it('is none of what differs by kind: salt, flour, sugar', () => {
    for (const kind of ['Cornish salt', 'teosinte flour', 'Ribston sugar', 'gherkin butter']) {
      expect(read(`1 cup ${kind}`))
        .withContext(kind)
        .toBeNull();
    }
  });
});

describe('what is made of any fruit', () => {
  it('is that of whichever fruit stands before its name', () => {
    expect(read('1 cup seedless gooseberry jam')).toBe('jam');
    expect(read('1 cup nectarine puree')).toBe('smoothie');
    expect(read('1 cup puree of ripe nectarines')).toBe('smoothie');
    expect(read('1 cup kiwi juice')).toBe('fruit-juice-from-can');
    expect(codes('1 cup seedless gooseberry jam')).not.toContain('assumed-kind');
  });

  it('is not that of something else', () => {
    expect(read('1 cup onion jam')).toBeNull();
    expect(read('1 cup walnut juice')).toBeNull();
  });
});

describe('the name of something that is made as often as bought', () => {
  const kinds = (text: string): string[] => readText(text).lines.map(({ kind }) => kind);

  it('heads the part that makes it', () => {
    expect(kinds('Cake\n\n2 cups flour\n\nRoyal icing\n2 egg whites\n1 lb icing sugar')).toEqual([
      'ingredient',
      'heading',
      'ingredient',
      'ingredient',
    ]);
  });

  it('is an ingredient with an amount, and where it heads nothing', () => {
    expect(kinds('Trifle\n\n300 g custard\n2 bananas\nLemon curd\n\nMethod\nLayer.')).toEqual([
      'ingredient',
      'ingredient',
      'ingredient',
      'heading',
      'step',
    ]);
    expect(kinds('Trifle\n\n2 bananas\nLemon curd, to serve\n100 ml cream')).toEqual([
      'ingredient',
      'ingredient',
      'ingredient',
    ]);
  });

  it('is the title at the top', () => {
    expect(readText('Lemon curd\n\n4 lemons').title).toBe('Lemon curd');
    expect(readText('Ginger relish for the cheese board').title).toBe(
      'Ginger relish for the cheese board',
    );
  });
});

describe('milk and cream by their fat', () => {
  it('are the kind that comes nearest', () => {
    for (const [written, id] of [
      ['1 cup 18% cream', 'cream-light'],
      ['1 cup 35% cream', 'cream-heavy'],
      ['1 cup cream (12 % fat)', 'half-and-half'],
      ['1 cup whipping cream, 20%', 'cream-light'],
      ['2 cups 1% milk', 'milk-skim'],
      ['200 ml Milch 3,5 %', 'milk-whole'],
    ] as const) {
      expect(read(written)).withContext(written).toBe(id);
      expect(codes(written)).withContext(written).not.toContain('kind-ambiguous');
    }
  });

  it('are no chocolate', () => {
    expect(read('100 g 70% dark chocolate')).toBe('chocolate-dark');
  });
});

describe('drops', () => {
  it('are counted, twenty to a millilitre', () => {
    const line = readUsualLine('3 drops red food colouring');
    expect([line.unit, line.ingredientId]).toEqual(['drop', 'food-colouring']);
    expect(line.amount?.min.valueOf()).toBe(3);
    expect(readUsualLine('3 gouttes de colorant alimentaire').unit).toBe('drop');
  });

  it('a few of them are no amount', () => {
    expect(readUsualLine('a few drops of vanilla extract').amount).toBeNull();
    expect(readUsualLine('few drops almond extract').amount).toBeNull();
  });

  it('are no drops of chocolate', () => {
    expect(read('200 g chocolate drops')).toBe('chocolate-chips');
    expect(readUsualLine('200 g chocolate drops').unit).toBe('g');
  });
});
