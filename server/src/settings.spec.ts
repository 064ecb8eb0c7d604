import { resolve } from 'node:path';
import { readSettings } from './settings.js';

describe('settings', () => {
  it('keep to this machine unless told', () => {
    const settings = readSettings({});
    expect(settings.host).toBe('127.0.0.1');
    expect(settings.port).toBe(4310);
    expect(settings.database).toBe(resolve('var/ypsigram.sqlite'));
    expect(settings.demo).toBeFalse();
  });

  it('say in a sentence what makes no sense', () => {
    expect(() => readSettings({ PORT: 'ten' })).toThrowError(/PORT takes/);
    expect(() => readSettings({ PORT: '70000' })).toThrowError(/PORT takes/);
    expect(() => readSettings({ DEMO: 'yes' })).toThrowError(/DEMO takes/);
  });

  it('refuse to open this machine’s own door to the network, and say what to do', () => {
    for (const HOST of ['0.0.0.0', '192.168.1.7', '::']) {
      expect(() => readSettings({ HOST })).toThrowError(/--home.*TLS.*passcode/);
    }
    for (const HOST of ['127.0.0.1', '127.0.0.2', 'localhost', '::1']) {
      expect(readSettings({ HOST }).host).toBe(HOST);
    }
  });

  it('open the house beside it, on the next port unless told', () => {
    const settings = readSettings({ HOUSE: '1', PORT: '4400', DATABASE: 'var/x.sqlite' });
    expect(settings.isHouseOpen).toBeTrue();
    expect(settings.house).toEqual({
      host: '0.0.0.0',
      port: 4401,
      folder: resolve('var/x.sqlite-house'),
    });
    expect(readSettings({ HOUSE: '1', HOST: '192.168.1.7' })).toEqual(
      jasmine.objectContaining({
        host: '127.0.0.1',
        house: jasmine.objectContaining({ host: '192.168.1.7' }),
      }),
    );
    expect(readSettings({ PORT: '0' }).house.port).toBe(0);
    expect(readSettings({ HOUSE_PORT: '5000' }).house.port).toBe(5000);
    expect(() => readSettings({ HOUSE_PORT: '65536' })).toThrowError(/HOUSE_PORT takes/);
  });
});
