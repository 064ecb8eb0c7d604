import { TestBed } from '@angular/core/testing';
import { Ringing } from './ringing';

describe('a timer that rings', () => {
  const title = document.title;
  let ringing: Ringing;
  beforeEach(() => {
    ringing = TestBed.inject(Ringing);
    document.title = 'Oven';
  });
  afterEach(() => {
    ringing.stop();
    document.title = title;
  });

  it('is seen in the title of its window, which comes back when it is stopped', () => {
    ringing.start('First look');
    expect(document.title).toContain('First look');
    ringing.start('Turn out');
    expect(document.title).toContain('Turn out');
    ringing.stop();
    expect(document.title).toBe('Oven');
    ringing.stop();
    expect(document.title).toBe('Oven');
  });

  it('rings on where a browser shows no notifications to a window', () => {
    spyOnProperty(Notification, 'permission').and.returnValue('granted');
    const shown = spyOn(window, 'Notification').and.throwError(
      new TypeError('Illegal constructor'),
    );
    // The spy stands in for the constructor, and has to say that it was allowed.
    Object.defineProperty(shown, 'permission', { value: 'granted' });
    expect(() => ringing.start('First look')).not.toThrow();
    expect(document.title).toContain('First look');
  });
});
