import { TestBed } from '@angular/core/testing';
import { ABOUT } from './about-words';
import { AboutPlace } from './about-place';
import { PLACE_IDS } from './place-id';

describe('what a place says of itself', () => {
  const about = () => {
    TestBed.resetTestingModule();
    return TestBed.inject(AboutPlace);
  };
  beforeEach(() => localStorage.removeItem('ypsigram.about-seen'));
  afterAll(() => localStorage.removeItem('ypsigram.about-seen'));

  it('is said once in each place, also in a visit to come', () => {
    const first = about();
    first.arrive('tools');
    expect(first.isOpen()).toBe(true);
    first.arrive('ovens');
    expect(first.isOpen()).toBe(true);
    first.close();
    const later = about();
    later.arrive('tools');
    expect(later.isOpen()).toBe(false);
    later.arrive('ovens');
    expect(later.isOpen()).toBe(false);
    later.arrive('people');
    expect(later.isOpen()).toBe(true);
  });

  it('is said again when it is asked for, and nowhere where there is nothing to say', () => {
    const here = about();
    here.arrive(null);
    here.open();
    expect(here.isOpen()).toBe(false);
    here.arrive('log');
    here.close();
    here.open();
    expect([here.isOpen(), here.isAsked()]).toEqual([true, true]);
  });

  it('is three sentences, each short enough to be read at once', () => {
    for (const place of PLACE_IDS) {
      for (const sentence of ABOUT[place].says) {
        expect(sentence).toMatch(/^[A-Z].*\.$/);
        expect(sentence.length).withContext(sentence).toBeLessThan(110);
      }
    }
  });
});
