import { readSettings } from './settings.js';

describe('settings', () => {
  it('keep to this machine unless told', () => {
    const settings = readSettings({});
    expect(settings.host).toBe('127.0.0.1');
    expect(settings.port).toBe(4310);
    expect(settings.database).toBe('var/ypsigram.sqlite');
    expect(settings.demo).toBeFalse();
  });

  it('say in a sentence what makes no sense', () => {
    expect(() => readSettings({ PORT: 'ten' })).toThrowError(/PORT takes/);
    expect(() => readSettings({ PORT: '70000' })).toThrowError(/PORT takes/);
    expect(() => readSettings({ DEMO: 'yes' })).toThrowError(/DEMO takes/);
  });
});
