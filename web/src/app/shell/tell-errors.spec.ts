import { TellErrors, errorRead, hasGoneWrong } from './tell-errors';

describe('what nobody has caught', () => {
  afterEach(() => errorRead());

  it('is told to whoever uses the page, until it is read', () => {
    const logged = spyOn(console, 'error');
    new TellErrors().handleError(new Error('unforeseen'));
    expect(hasGoneWrong()).toBeTrue();
    expect(logged).toHaveBeenCalledTimes(1);
    errorRead();
    expect(hasGoneWrong()).toBeFalse();
  });

  it('is no news where a part of the page could not be fetched: the server is away', () => {
    const warned = spyOn(console, 'warn');
    const missing = new TypeError('Failed to fetch dynamically imported module: /chunk.js');
    const deferred = Object.assign(new Error('NG0750'), { code: -750 });
    for (const error of [missing, deferred]) new TellErrors().handleError(error);
    expect(hasGoneWrong()).toBeFalse();
    expect(warned).toHaveBeenCalledTimes(2);
  });
});
