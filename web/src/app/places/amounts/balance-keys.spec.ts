import { balanceKey } from './balance-keys';

describe('the keys of the Balance', () => {
  const press = (key: string, more: KeyboardEventInit = {}, on: HTMLElement = document.body) => {
    const event = new KeyboardEvent('keydown', { key, ...more });
    Object.defineProperty(event, 'target', { value: on });
    return balanceKey(event);
  };

  it('undo and redo as everywhere', () => {
    expect(press('z', { ctrlKey: true })).toBe('undo');
    expect(press('Z', { ctrlKey: true, shiftKey: true })).toBe('redo');
    expect(press('y', { metaKey: true })).toBe('redo');
    expect(press('s', { ctrlKey: true })).toBeNull();
  });

  it('mean nothing where a person is typing', () => {
    const field = document.createElement('input');
    expect(press('w', {}, field)).toBeNull();
    expect(press('z', { ctrlKey: true }, field)).toBeNull();
    expect(press('w')).toBe('columns');
  });

  it('go from line to line only from a line', () => {
    const edit = document.createElement('button');
    edit.className = 'edit';
    expect(press('ArrowDown', {}, edit)).toBe('next');
    expect(press('ArrowDown')).toBeNull();
    expect(press('n', {}, edit)).toBe('nearest');
    expect(press('n')).toBeNull();
    expect(press('b')).toBe('cleaner');
  });
});
