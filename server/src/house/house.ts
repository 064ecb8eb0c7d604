import { createServer, type Server } from 'node:https';
import type { AddressInfo } from 'node:net';
import type { RequestListener } from 'node:http';
import type { HouseCertificates } from './certificate-store.js';
import { addressesNow, isAtHome, namesNow } from './home-networks.js';
import { removedDevices, type RemovedDevices } from './removed-devices.js';
import { newPasscode, type Passcode } from './passcode.js';

/** What a house is opened with. */
export interface HouseSettings {
  /** The address to listen on: all of the machine's, usually. */
  readonly host: string;
  /** 0 takes one that is free. */
  readonly port: number;
  /** Where its certificates are kept. */
  readonly folder: string;
  /** So many wrong passcodes, and there is another; a thousand unless given. */
  readonly mostWrong?: number;
}

/** What lets the devices of the house in while it is open. */
interface Open {
  readonly server: Server;
  readonly certificates: HouseCertificates;
  readonly fingerprint: string;
  readonly passcode: Passcode;
  /** Passcodes that were typed and were not this one. */
  readonly wrong: { count: number };
  /** Looks now and then whether the certificate is still good. */
  readonly renewing: NodeJS.Timeout;
}

/** A thousand of a hundred million: one in 100,000 gets in, then they begin anew. */
const MOST_WRONG = 1000;
/** A server runs for longer than its certificate holds, and addresses change. */
const RENEW_LOOK_MILLISECONDS = 6 * 60 * 60 * 1000;

const LAST_CALL_MILLISECONDS = 2000;
const EVERYWHERE = ['0.0.0.0', '::'];
const isLoopback = (address: string): boolean => address.startsWith('127.');

/**
 * The door through which other devices of the house come in, over TLS. Who comes through it is
 * asked for a pairing; who sits at this machine comes in by the other door.
 */
export class HouseDoor {
  private open: Open | null = null;
  private turn: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly settings: HouseSettings,
    private readonly now: () => Date,
    /** Takes what goes wrong where nobody waits for an answer. */
    private readonly report: (error: unknown) => void = () => undefined,
  ) {
    this.removed = removedDevices(settings.folder);
  }

  /** Who was removed from it. */
  readonly removed: RemovedDevices;

  get isOpen(): boolean {
    return this.open !== null;
  }

  /** What is to be typed on a new device; null while the house is closed. */
  get passcode(): Passcode | null {
    return this.open?.passcode ?? null;
  }

  /**
   * Whether that was typed. After so many wrong ones the passcode is another: nobody is locked out,
   * and nobody gets through by patience.
   */
  async isPasscode(typed: string): Promise<boolean> {
    const open = this.open;
    if (!open) return false;
    if (await open.passcode.matches(typed)) return true;
    open.wrong.count++;
    if (open.wrong.count >= (this.settings.mostWrong ?? MOST_WRONG)) await this.renewPasscode();
    return false;
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
      const certificates = await this.certificates();
      const { authority } = certificates;
      const server = createServer(shown(certificates), app);
      await new Promise<void>((listening, failed) => {
        server.once('error', failed);
        server.listen(this.settings.port, this.settings.host, listening);
      });
      this.open = {
        server,
        certificates,
        fingerprint: await fingerprintOf(authority.certificate),
        passcode: await newPasscode(),
        wrong: { count: 0 },
        renewing: setInterval(
          () => void this.renewCertificate().catch(this.report),
          RENEW_LOOK_MILLISECONDS,
        ).unref(),
      };
    });
  }

  /** Shows a new certificate where the one it shows is not good any more. */
  renewCertificate(): Promise<void> {
    return this.inTurn(async () => {
      if (!this.open) return;
      const certificates = await this.certificates();
      if (certificates.server.certificate === this.open.certificates.server.certificate) return;
      this.open.server.setSecureContext(shown(certificates));
      const print = await fingerprintOf(certificates.authority.certificate);
      this.open = { ...this.open, certificates, fingerprint: print };
    });
  }

  /** What makes certificates is loaded with the first one: a house that stays closed does without. */
  private async certificates(): Promise<HouseCertificates> {
    const { houseCertificates } = await import('./certificate-store.js');
    return houseCertificates(this.settings.folder, namesNow(), addressesNow(), this.now());
  }

  /** Closes it: what is being asked is answered, and nobody comes in any more. */
  close(): Promise<void> {
    return this.inTurn(async () => {
      if (!this.open) return;
      const { server, renewing } = this.open;
      this.open = null;
      clearInterval(renewing);
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
      if (!this.open) return;
      this.open = { ...this.open, passcode: await newPasscode(), wrong: { count: 0 } };
    });
  }

  /** One opens or closes at a time. */
  private inTurn(work: () => Promise<void>): Promise<void> {
    const done = this.turn.then(work);
    // Whoever asked is told; the next has its turn all the same.
    this.turn = done.then(goOn, goOn);
    return done;
  }
}

const goOn = (): void => undefined;

/** What a server is set up with to show its certificate. */
const shown = ({ server, authority }: HouseCertificates) =>
  ({
    key: server.key,
    cert: [server.certificate, authority.certificate].join('\n'),
    minVersion: 'TLSv1.2',
  }) as const;

async function fingerprintOf(certificate: string): Promise<string> {
  const { fingerprint } = await import('./certificate.js');
  return fingerprint(certificate);
}
