import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { X509Certificate } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { houseCertificates } from './certificate-store.js';
import { isAtHome } from './home-networks.js';

const NOW = new Date('2026-11-26T12:00:00Z');
const DAY = 24 * 60 * 60 * 1000;
const later = (days: number): Date => new Date(NOW.getTime() + days * DAY);
const NAMES = ['localhost', 'kitchen.local'];
const ADDRESSES = ['127.0.0.1', '192.168.1.7'];

describe('the certificates of a house', () => {
  let folder: string;
  beforeEach(() => {
    folder = join(mkdtempSync(join(tmpdir(), 'ypsigram-')), 'house');
  });
  afterEach(() => rmSync(folder, { recursive: true }));
  const at = (now: Date, addresses: readonly string[] = ADDRESSES) =>
    houseCertificates(folder, NAMES, addresses, now);

  it('are made once, and stay', async () => {
    const first = await at(NOW);
    expect(await at(later(100))).toEqual(first);
  });

  it('name the machine, and are signed by the authority that devices trust', async () => {
    const { authority, server } = await at(NOW);
    const [issuer, own] = [
      new X509Certificate(authority.certificate),
      new X509Certificate(server.certificate),
    ];
    expect(own.verify(issuer.publicKey)).toBeTrue();
    expect(own.checkIssued(issuer)).toBeTrue();
    expect(own.checkHost('kitchen.local')).toBe('kitchen.local');
    expect(own.checkIP('192.168.1.7')).toBe('192.168.1.7');
    expect(own.checkHost('elsewhere.example')).toBeUndefined();
    expect([issuer.ca, own.ca]).toEqual([true, false]);
  });

  it('last no longer than browsers take', async () => {
    const { validFrom, validTo } = new X509Certificate((await at(NOW)).server.certificate);
    expect((Date.parse(validTo) - Date.parse(validFrom)) / DAY).toBeLessThanOrEqual(398);
  });

  it('are renewed before they are over, or for a new address, by the same authority', async () => {
    const first = await at(NOW);
    const renewed = await at(later(380));
    expect(renewed.authority).toEqual(first.authority);
    expect(renewed.server).not.toEqual(first.server);
    const moved = await at(later(381), [...ADDRESSES, '10.0.0.5']);
    expect(new X509Certificate(moved.server.certificate).checkIP('10.0.0.5')).toBe('10.0.0.5');
    expect(moved.authority).toEqual(first.authority);
  });

  it('are renewed in both directions: a clock that was ahead leaves none that does not hold yet', async () => {
    const ahead = await at(later(4000));
    const right = await at(NOW);
    const own = new X509Certificate(right.server.certificate);
    expect(Date.parse(own.validFrom)).toBeLessThan(NOW.getTime());
    expect(right.server).not.toEqual(ahead.server);
    // The authority holds from long ago, so that no device has to trust another one.
    expect(right.authority).toEqual(ahead.authority);
  });

  it('leave out addresses that no home has: the authority may not sign for them', async () => {
    const { authority, server } = await at(NOW, [...ADDRESSES, '192.0.2.2']);
    expect(new X509Certificate(server.certificate).checkIP('192.0.2.2')).toBeUndefined();
    // Name constraints, id-ce 30 of RFC 5280: 2.5.29.30.
    expect(
      new X509Certificate(authority.certificate).raw.includes(Buffer.from('0603551d1e', 'hex')),
    )
      .withContext('name constraints')
      .toBeTrue();
  });

  it('keep their keys from everybody else on the machine', async () => {
    await at(NOW);
    expect(statSync(folder).mode & 0o777).toBe(0o700);
    for (const name of ['house.key', 'server.key']) {
      expect(statSync(join(folder, name)).mode & 0o777).toBe(0o600);
    }
  });
});

describe('addresses of a home', () => {
  it('are the private ranges, and no others', () => {
    const homes = ['10.1.2.3', '172.16.0.1', '172.31.255.255', '192.168.0.2', '127.0.0.1'];
    const wide = ['172.32.0.1', '192.169.0.1', '8.8.8.8', '192.0.2.2', '2001:db8::1'];
    expect(homes.filter(isAtHome)).toEqual(homes);
    expect([...homes, 'fd00::2', 'fe80::1'].every(isAtHome)).toBeTrue();
    expect(wide.filter(isAtHome)).toEqual([]);
  });
});
