import { USUAL_PREFERENCES } from './bench-preferences';
import { benchKey, keyName } from './bench-keys';

const { keys } = USUAL_PREFERENCES;
const press = (key: string, change: Partial<KeyboardEvent> = {}): string | null =>
  benchKey({ key, target: document.body, ...change } as KeyboardEvent, keys);

describe('the keys of the bench', () => {
  it('go on by space, enter and the pedal, and back by the other pedal', () => {
    expect([' ', 'Enter', 'PageDown'].map((key) => press(key))).toEqual([
      'go-on',
      'go-on',
      'go-on',
    ]);
    expect(press('PageUp')).toBe('back');
    expect(press('ArrowRight')).toBe('next-line');
    expect(press('ArrowRight', { altKey: true })).toBe('move-later');
    expect(press('ArrowLeft', { altKey: true })).toBe('move-earlier');
    expect(press('PageDown', { altKey: true })).toBeNull();
    expect(press('x')).toBeNull();
  });

  it('undo and redo', () => {
    expect(press('z', { ctrlKey: true })).toBe('undo');
    expect(press('z', { metaKey: true, shiftKey: true })).toBe('redo');
    expect(press('y', { ctrlKey: true })).toBe('redo');
  });

  it('leave a button its own keys, but not the pedal', () => {
    const button = document.createElement('button');
    expect(press('Enter', { target: button })).toBeNull();
    expect(press('PageDown', { target: button })).toBe('go-on');
  });

  it('leave a field all of them', () => {
    const input = document.createElement('input');
    expect(press('PageDown', { target: input })).toBeNull();
    expect(press('z', { target: input, ctrlKey: true })).toBeNull();
  });

  it('are other ones where somebody has chosen others', () => {
    const own = { ...keys, 'go-on': ['b'] };
    const event = (key: string): KeyboardEvent =>
      ({ key, target: document.body }) as unknown as KeyboardEvent;
    expect(benchKey(event('b'), own)).toBe('go-on');
    expect(benchKey(event(' '), own)).toBeNull();
  });

  it('are called as people call them', () => {
    expect([' ', 'PageDown', 'b', 'F5'].map(keyName)).toEqual(['Space', 'Page down', 'B', 'F5']);
  });
});
