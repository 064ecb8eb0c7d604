import { lastLooked } from './last-looked';

describe('what was looked at last', () => {
  const shelf = lastLooked('spec-shelf');
  afterEach(() => localStorage.removeItem('ypsigram.last.spec-shelf'));

  it('is remembered for each place by itself', () => {
    expect(shelf.read()).toBeNull();
    shelf.keep('honey');
    expect(lastLooked('spec-shelf').read()).toBe('honey');
    expect(lastLooked('spec-authors').read()).toBeNull();
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
