import { TestBed } from '@angular/core/testing';
import { Preferences, USUAL_PREFERENCES } from './bench-preferences';
import { ScreenAwake } from './screen-awake';
import { Voice } from './voice';

const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

describe('the screen at the bench', () => {
  /** The browser's lock, as a spec sees it. */
  class FakeLock extends EventTarget {
    readonly release = jasmine.createSpy('release').and.resolveTo();
  }
  const withLocks = (request: jasmine.Spy): void => {
    spyOnProperty(navigator, 'wakeLock').and.returnValue({ request } as unknown as WakeLock);
    TestBed.configureTestingModule({ providers: [ScreenAwake] });
  };

  it('is kept on, asked for again when the page comes back, and let go at the end', async () => {
    const lock = new FakeLock();
    const request = jasmine.createSpy('request').and.resolveTo(lock);
    withLocks(request);
    const awake = TestBed.inject(ScreenAwake);
    await settle();
    expect(awake.isAwake()).toBeTrue();
    lock.dispatchEvent(new Event('release'));
    expect(awake.isAwake()).toBeFalse();
    document.dispatchEvent(new Event('visibilitychange'));
    await settle();
    expect(request).toHaveBeenCalledTimes(2);
    TestBed.resetTestingModule();
    expect(lock.release).toHaveBeenCalled();
  });

  it('goes dark as ever where the browser refuses', async () => {
    spyOn(console, 'warn');
    withLocks(
      jasmine.createSpy('request').and.rejectWith(new DOMException('low', 'NotAllowedError')),
    );
    const awake = TestBed.inject(ScreenAwake);
    await settle();
    expect(awake.isAwake()).toBeFalse();
  });
});

describe('sound at the bench', () => {
  beforeEach(() => localStorage.removeItem('ypsigram.bench'));

  it('says nothing until it is wanted', () => {
    const speak = spyOn(speechSynthesis, 'speak');
    const voice = TestBed.inject(Voice);
    voice.say('Flour. 4 cups');
    expect(speak).not.toHaveBeenCalled();
    TestBed.inject(Preferences).set({ readAloud: true });
    voice.say('Flour. 4 cups');
    expect(speak.calls.mostRecent().args[0].text).toBe('Flour. 4 cups');
    TestBed.inject(Preferences).set({ readAloud: false });
  });
});

describe('how this device works', () => {
  beforeEach(() => localStorage.removeItem('ypsigram.bench'));

  it('is remembered, and a key does one thing only', () => {
    const preferences = TestBed.inject(Preferences);
    expect(preferences.all()).toEqual(USUAL_PREFERENCES);
    preferences.addKey('back', 'PageDown');
    const { keys } = preferences.all();
    expect(keys.back).toContain('PageDown');
    expect(keys['go-on']).not.toContain('PageDown');
    TestBed.tick();
    TestBed.resetTestingModule();
    expect(TestBed.inject(Preferences).all().keys).toEqual(keys);
    TestBed.inject(Preferences).resetKeys();
    expect(TestBed.inject(Preferences).all().keys).toEqual(USUAL_PREFERENCES.keys);
    TestBed.tick();
  });

  it('is as usual where what was remembered can’t be read', () => {
    localStorage.setItem('ypsigram.bench', '{"tone":');
    expect(TestBed.inject(Preferences).all()).toEqual(USUAL_PREFERENCES);
  });
});
