import { BlockList, isIPv6 } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';

/** A range of addresses: its first one, and how many bits of it all of them share. */
export interface Network {
  readonly address: string;
  readonly bits: number;
}

/**
 * Addresses that are handed out in homes and never on the wide network: RFC 1918 (private),
 * RFC 3927 and RFC 4291 (link-local), RFC 4193 (unique local), and the machine itself.
 */
export const HOME_NETWORKS: readonly Network[] = [
  { address: '127.0.0.0', bits: 8 },
  { address: '10.0.0.0', bits: 8 },
  { address: '172.16.0.0', bits: 12 },
  { address: '192.168.0.0', bits: 16 },
  { address: '169.254.0.0', bits: 16 },
  { address: '::1', bits: 128 },
  { address: 'fc00::', bits: 7 },
  { address: 'fe80::', bits: 10 },
];

const family = (address: string): 'ipv4' | 'ipv6' => (isIPv6(address) ? 'ipv6' : 'ipv4');

const HOMES = new BlockList();
for (const { address, bits } of HOME_NETWORKS) HOMES.addSubnet(address, bits, family(address));

/** Whether an address is one of a home, or of the machine itself. */
export const isAtHome = (address: string): boolean => HOMES.check(address, family(address));

/** The addresses of this machine as they are now, of the kind that people type. */
export const addressesNow = (): readonly string[] =>
  Object.values(networkInterfaces())
    .flatMap((found) => found ?? [])
    .flatMap(({ address, family: kind }) => (kind === 'IPv4' ? [address] : []));

/** What machines of a home call this one. */
export function namesNow(): readonly string[] {
  const [name = ''] = hostname().toLowerCase().split('.');
  return /^[a-z0-9-]+$/.test(name) ? ['localhost', `${name}.local`] : ['localhost'];
}
