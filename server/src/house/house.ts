import { createServer, type Server } from 'node:https';
import type { AddressInfo } from 'node:net';
import type { RequestListener } from 'node:http';
import { fingerprint } from './certificate.js';
import { houseCertificates, type HouseCertificates } from './certificate-store.js';
import { addressesNow, isAtHome, namesNow } from './home-networks.js';
import { newPasscode, type Passcode } from './passcode.js';

/** What a house is opened with. */
export interface HouseSettings {
  /** The address to listen on: all of the machine's, usually. */
  readonly host: string;
  /** 0 takes one that is free. */
  readonly port: number;
  /** Where its certificates are kept. */
  readonly folder: string;
}

/** What lets the devices of the house in while it is open. */
interface Open {
  readonly server: Server;
  readonly certificates: HouseCertificates;
  readonly fingerprint: string;
  readonly passcode: Passcode;
}

const LAST_CALL_MILLISECONDS = 2000;
const EVERYWHERE = ['0.0.0.0', '::'];
const isLoopback = (address: string): boolean => address.startsWith('127.');

/**
 * The door through which other devices of the house come in, over TLS. Who comes through it is
 * asked for a pairing; who sits at this machine comes in by the other door.
 */
export class House {
  private open: Open | null = null;
  private turn: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly settings: HouseSettings,
    private readonly now: () => Date,
  ) {}

  get isOpen(): boolean {
    return this.open !== null;
  }

  /** What is to be typed on a new device; null while the house is closed. */
  get passcode(): Passcode | null {
    return this.open?.passcode ?? null;
  }

  /** The certificate that devices may trust, as PEM, and its fingerprint. */
  get authority(): { readonly certificate: string; readonly fingerprint: string } | null {
    if (!this.open) return null;
    const { certificates, fingerprint: print } = this.open;
    return { certificate: certificates.authority.certificate, fingerprint: print };
  }

  /** Where devices reach it, the likeliest first; nowhere while it is closed. */
  addresses(): readonly string[] {
    if (!this.open) return [];
    const { port } = this.open.server.address() as AddressInfo;
    const { host } = this.settings;
    const found = EVERYWHERE.includes(host)
      ? addressesNow().filter((address) => !isLoopback(address))
      : [host];
    const likely = [...found].sort((a, b) => Number(isAtHome(b)) - Number(isAtHome(a)));
    return likely.map((address) => `https://${address}:${port}`);
  }

  /** Opens it, once. @throws NodeJS.ErrnoException when the port is taken */
  openFor(app: RequestListener): Promise<void> {
    return this.inTurn(async () => {
      if (this.open) return;
      const certificates = await houseCertificates(
        this.settings.folder,
        namesNow(),
        addressesNow(),
        this.now(),
      );
      const { server: own, authority } = certificates;
      const server = createServer(
        {
          key: own.key,
          cert: [own.certificate, authority.certificate].join('\n'),
          minVersion: 'TLSv1.2',
        },
        app,
      );
      await new Promise<void>((listening, failed) => {
        server.once('error', failed);
        server.listen(this.settings.port, this.settings.host, listening);
      });
      this.open = {
        server,
        certificates,
        fingerprint: await fingerprint(authority.certificate),
        passcode: await newPasscode(),
      };
    });
  }

  /** Closes it: what is being asked is answered, and nobody comes in any more. */
  close(): Promise<void> {
    return this.inTurn(async () => {
      if (!this.open) return;
      const { server } = this.open;
      this.open = null;
      await new Promise<void>((closed) => {
        const late = setTimeout(() => server.closeAllConnections(), LAST_CALL_MILLISECONDS);
        server.close(() => {
          clearTimeout(late);
          closed();
        });
        server.closeIdleConnections();
      });
    });
  }

  /** Another passcode from now on; devices that are paired stay paired. */
  renewPasscode(): Promise<void> {
    return this.inTurn(async () => {
      if (this.open) this.open = { ...this.open, passcode: await newPasscode() };
    });
  }

  /** One opens or closes at a time. */
  private inTurn(work: () => Promise<void>): Promise<void> {
    const done = this.turn.then(work);
    this.turn = done.catch(() => undefined);
    return done;
  }
}
