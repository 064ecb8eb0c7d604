import { ownHosts } from './own-host.js';

describe('own hosts', () => {
  it('are this machine by its usual names', () => {
    const hosts = ownHosts('127.0.0.1');
    expect(['127.0.0.1', 'localhost', '[::1]'].every((host) => hosts.has(host))).toBeTrue();
    expect(hosts.has('elsewhere.example')).toBeFalse();
  });

  it('are the address that is listened on, in brackets when it is of the longer kind', () => {
    expect(ownHosts('192.0.2.7').has('192.0.2.7')).toBeTrue();
    expect(ownHosts('2001:db8::7').has('[2001:db8::7]')).toBeTrue();
  });

  it('are all addresses of the machine when it listens on all of them, and no others', () => {
    const hosts = ownHosts('0.0.0.0');
    expect(hosts.has('127.0.0.1')).toBeTrue();
    expect(hosts.has('elsewhere.example')).toBeFalse();
  });
});
