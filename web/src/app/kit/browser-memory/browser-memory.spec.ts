import { browserMemory } from './browser-memory';

describe('what a browser remembers', () => {
  const shelf = browserMemory('spec-shelf');
  afterEach(() => localStorage.removeItem('ypsigram.spec-shelf'));

  it('is remembered for each name by itself', () => {
    expect(shelf.read()).toBeNull();
    shelf.keep('honey');
    expect(browserMemory('spec-shelf').read()).toBe('honey');
    expect(browserMemory('spec-authors').read()).toBeNull();
  });

  it('is nothing where the browser keeps nothing', () => {
    spyOn(Storage.prototype, 'getItem').and.throwError('no');
    spyOn(Storage.prototype, 'setItem').and.throwError('no');
    const warned = spyOn(console, 'warn');
    expect(shelf.read()).toBeNull();
    shelf.keep('honey');
    expect(warned).toHaveBeenCalled();
  });
});
