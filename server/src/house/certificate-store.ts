import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { covers, lasts, makeAuthority, signServer, type Signed } from './certificate.js';

/** The certificates of a house: what its devices trust, and what its server shows. */
export interface HouseCertificates {
  readonly authority: Signed;
  readonly server: Signed;
}

const ONLY_OWNER_FOLDER = 0o700;
const ONLY_OWNER = 0o600;

const kept = (folder: string, name: string) => ({
  certificate: join(folder, `${name}.crt`),
  key: join(folder, `${name}.key`),
});

async function read(folder: string, name: string): Promise<Signed | null> {
  const files = kept(folder, name);
  try {
    const [certificate, key] = await Promise.all([
      readFile(files.certificate, 'utf8'),
      readFile(files.key, 'utf8'),
    ]);
    return { certificate, key };
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
    throw error;
  }
}

/** Written beside, then put in place: a crash leaves the old one or the new one. */
async function keep(folder: string, name: string, signed: Signed): Promise<void> {
  const files = kept(folder, name);
  for (const part of ['key', 'certificate'] as const) {
    await writeFile(`${files[part]}.new`, signed[part], { mode: ONLY_OWNER });
  }
  for (const part of ['key', 'certificate'] as const) {
    await rename(`${files[part]}.new`, files[part]);
  }
}

/**
 * The certificates in this folder, made where they are missing, soon over, or lack an address that
 * the machine has now. The authority stays the same for years, so that devices trust it once.
 */
export async function houseCertificates(
  folder: string,
  names: readonly string[],
  addresses: readonly string[],
  now: Date,
): Promise<HouseCertificates> {
  await mkdir(folder, { recursive: true, mode: ONLY_OWNER_FOLDER });
  let authority = await read(folder, 'house');
  if (!authority || !lasts(authority, now)) {
    authority = await makeAuthority(now);
    await keep(folder, 'house', authority);
  }
  let server = await read(folder, 'server');
  const isGood =
    server && lasts(server, now) && (await covers(server, authority, names, addresses));
  if (!server || !isGood) {
    server = await signServer(authority, names, addresses, now);
    await keep(folder, 'server', server);
  }
  return { authority, server };
}
