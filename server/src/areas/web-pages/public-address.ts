import { lookup as lookUp, type LookupAddress } from 'node:dns';
import { networkInterfaces } from 'node:os';
import type { LookupFunction } from 'node:net';
import ipaddr from 'ipaddr.js';

/** An address that is this machine's, of a private network, or of none at all. */
export class PrivateAddressError extends Error {}

const ownAddresses = (): Set<string> =>
  new Set(
    Object.values(networkInterfaces()).flatMap((several) =>
      (several ?? []).map(({ address }) => ipaddr.process(address).toNormalizedString()),
    ),
  );

/**
 * Whether an address leads into the web and nowhere else: neither to this machine, nor into a
 * private network, nor to what stands for another address (RFC 6890's registries, by ipaddr.js).
 */
export function isPublicAddress(address: string): boolean {
  if (!ipaddr.isValid(address)) return false;
  const one = ipaddr.process(address);
  return one.range() === 'unicast' && !ownAddresses().has(one.toNormalizedString());
}

/** The address that a host is written as, in brackets or not; null where it is a name. */
export function literalAddress(host: string): string | null {
  const bare = host.replace(/^\[|\]$/g, '');
  return ipaddr.isValid(bare) ? ipaddr.parse(bare).toString() : null;
}

/**
 * Looks a name up as the connection is made, so that what was checked is what is connected to: a
 * name that leads to one private address among others is refused as a whole.
 */
export const lookUpPublic: LookupFunction = (host, options, answer) => {
  lookUp(host, { ...options, all: true }, (error, addresses) => {
    if (error) return answer(error, []);
    const hidden = addresses.find(({ address }) => !isPublicAddress(address));
    if (hidden || addresses.length === 0) {
      return answer(new PrivateAddressError(`${host} is ${hidden?.address ?? 'nowhere'}`), []);
    }
    if (options.all) return answer(null, addresses);
    const [first] = addresses as [LookupAddress];
    answer(null, first.address, first.family);
  });
};
