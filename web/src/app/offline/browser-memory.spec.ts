import { keepHere, keptHere } from './browser-memory';

const KEY = 'ypsigram.spec-memory';

describe('what a browser keeps over a reload', () => {
  afterEach(() => keepHere(KEY, null, 'a spec'));

  it('comes back as it was, until it is forgotten', () => {
    expect(keptHere(KEY, 'a spec')).toBeNull();
    keepHere(KEY, { grams: 125.5, of: ['flour'] }, 'a spec');
    expect(keptHere(KEY, 'a spec')).toEqual({ grams: 125.5, of: ['flour'] });
    keepHere(KEY, null, 'a spec');
    expect(localStorage.getItem(KEY)).toBeNull();
  });

  it('is nothing where it can’t be read, and that is told', () => {
    const warned = spyOn(console, 'warn');
    localStorage.setItem(KEY, '{"grams": 12');
    expect(keptHere(KEY, 'a spec')).toBeNull();
    expect(warned.calls.mostRecent().args[0]).toContain('a spec');
  });

  it('is lost without a fault where the storage is full, and that is told', () => {
    const warned = spyOn(console, 'warn');
    spyOn(Storage.prototype, 'setItem').and.throwError(new DOMException('full', 'QuotaExceeded'));
    expect(() => keepHere(KEY, 'much', 'a spec')).not.toThrow();
    expect(warned.calls.mostRecent().args[0]).toContain('could not keep a spec');
  });
});
