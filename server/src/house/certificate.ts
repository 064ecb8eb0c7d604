import 'reflect-metadata';
import { webcrypto } from 'node:crypto';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import { HOME_NETWORKS, isAtHome } from './home-networks.js';

/** A certificate and the key it goes with, both as PEM. */
export interface Signed {
  readonly certificate: string;
  readonly key: string;
}

const DAY_MILLISECONDS = 24 * 60 * 60 * 1000;
/** Ten years: a device is told to trust the house once. */
const AUTHORITY_DAYS = 3650;
/** Browsers take no certificate of a server that lasts longer than 398 days. */
const SERVER_DAYS = 397;
/** Clocks of a house differ: it holds from a day ago. */
const EARLY_DAYS = 1;
/** Before any house had one. */
const LONG_AGO = new Date('2020-01-01T00:00:00Z');
/** Renewed when less than this is left. */
const RENEW_DAYS = 30;
const NAME_CONSTRAINTS = '2.5.29.30';
/** Names that lead nowhere outside a home: RFC 6761, RFC 6762. */
const HOME_NAMES = ['localhost', 'local'];

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;

x509.cryptoProvider.set(webcrypto as never);

type CryptoKey = webcrypto.CryptoKey;

/**
 * What the authority of a house may sign: names and addresses that only a home has. Whoever stole
 * its key could not pass for any other place.
 */
function onlyHome(): x509.Extension {
  const permitted = [
    ...HOME_NETWORKS.map(
      ({ address, bits }) => new GeneralName({ iPAddress: `${address}/${bits}` }),
    ),
    ...HOME_NAMES.map((name) => new GeneralName({ dNSName: name })),
  ].map((base) => new GeneralSubtree({ base }));
  const constraints = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(permitted) });
  return new x509.Extension(NAME_CONSTRAINTS, true, AsnConvert.serialize(constraints));
}

const keys = (): Promise<webcrypto.CryptoKeyPair> =>
  webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);

async function pemOfKey(key: CryptoKey): Promise<string> {
  const der = await webcrypto.subtle.exportKey('pkcs8', key);
  return x509.PemConverter.encode(der, 'PRIVATE KEY');
}

function keyOfPem(pem: string): Promise<CryptoKey> {
  const [der] = x509.PemConverter.decode(pem);
  return webcrypto.subtle.importKey('pkcs8', der!, ALGORITHM, false, ['sign']);
}

const lasting = (now: Date, days: number): { notBefore: Date; notAfter: Date } => ({
  notBefore: new Date(now.getTime() - EARLY_DAYS * DAY_MILLISECONDS),
  notAfter: new Date(now.getTime() + days * DAY_MILLISECONDS),
});

/**
 * A new authority of a house, which signs for home names and addresses only. It holds from long ago:
 * one that was made while the clock was ahead is good once the clock is right.
 */
export async function makeAuthority(now: Date): Promise<Signed> {
  const pair = await keys();
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    name: 'CN=Ypsigram in this house',
    ...lasting(now, AUTHORITY_DAYS),
    notBefore: LONG_AGO,
    signingAlgorithm: ALGORITHM,
    keys: pair,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign, true),
      onlyHome(),
      await x509.SubjectKeyIdentifierExtension.create(pair.publicKey),
    ],
  });
  return { certificate: certificate.toString('pem'), key: await pemOfKey(pair.privateKey) };
}

/** A certificate for a server at these names and home addresses, signed by the house's authority. */
export async function signServer(
  authority: Signed,
  names: readonly string[],
  addresses: readonly string[],
  now: Date,
): Promise<Signed> {
  const issuer = new x509.X509Certificate(authority.certificate);
  const pair = await keys();
  const certificate = await x509.X509CertificateGenerator.create({
    subject: 'CN=Ypsigram',
    issuer: issuer.subject,
    ...lasting(now, SERVER_DAYS),
    signingAlgorithm: ALGORITHM,
    publicKey: pair.publicKey,
    signingKey: await keyOfPem(authority.key),
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension([
        ...names.map((value) => ({ type: 'dns' as const, value })),
        ...addresses.filter(isAtHome).map((value) => ({ type: 'ip' as const, value })),
      ]),
      await x509.AuthorityKeyIdentifierExtension.create(issuer, false),
    ],
  });
  return { certificate: certificate.toString('pem'), key: await pemOfKey(pair.privateKey) };
}

/** Whether a certificate holds already, and long enough to go on with. */
export function lasts({ certificate }: Signed, now: Date): boolean {
  const { notBefore, notAfter } = new x509.X509Certificate(certificate);
  const left = notAfter.getTime() - now.getTime();
  return notBefore <= now && left > RENEW_DAYS * DAY_MILLISECONDS;
}

/** Whether a server's certificate was signed by this authority, and names everything that is wanted. */
export async function covers(
  server: Signed,
  authority: Signed,
  names: readonly string[],
  addresses: readonly string[],
): Promise<boolean> {
  const found = new x509.X509Certificate(server.certificate);
  const { publicKey } = new x509.X509Certificate(authority.certificate);
  if (!(await found.verify({ publicKey, signatureOnly: true }))) return false;
  const named = found.getExtension(x509.SubjectAlternativeNameExtension)?.names.items ?? [];
  const has = new Set(named.map(({ value }) => value));
  return [...names, ...addresses.filter(isAtHome)].every((name) => has.has(name));
}

/** The SHA-256 fingerprint of a certificate, in pairs, as devices show it. */
export async function fingerprint(certificate: string): Promise<string> {
  const print = await new x509.X509Certificate(certificate).getThumbprint('SHA-256');
  const pairs = [...new Uint8Array(print)].map((byte) => byte.toString(16).padStart(2, '0'));
  return pairs.join(':').toUpperCase();
}
