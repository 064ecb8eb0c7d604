import { Injectable, InjectionToken, computed, inject, signal } from '@angular/core';
import { READING_FAILED } from '../problem-words';
import { looksOf, scanKindOf, type Scan, type ScanResult } from './scan';
import type { ScanReader } from './scan-reader';
import { scanStore } from './scan-store';

/** One page of the program reads, however many are open. */
const LOCK = 'ypsigram-scans';
/** What took the page with it so often is not begun again. */
const MOST_BEGUN = 2;
const TOO_MUCH: ScanResult = {
  recipes: [],
  problems: [
    'Reading it was cut off twice, so it is left out. Make it smaller, then add it again.',
  ],
  pages: [],
};

const IDS_A_MILLISECOND = 1000;
const STOPPED = Symbol('stopped');
const isWaiting = ({ result }: Scan): boolean => result === null;

/** Makes what reads; it comes with the first photo. */
export const SCAN_READER = new InjectionToken<() => Promise<Pick<ScanReader, 'scan' | 'stop'>>>(
  'scan reader',
  {
    factory: () => async () => {
      const { ScanReader: Reader } = await import('./scan-reader');
      return new Reader();
    },
  },
);

/** Photos and documents that are read one after the other, over reloads, until all are. */
@Injectable({ providedIn: 'root' })
export class ScanQueue {
  private readonly newReader = inject(SCAN_READER);
  private readonly all = signal<readonly Scan[]>([]);
  readonly scans = this.all.asReadonly();
  readonly isPaused = signal(scanStore.isPaused());
  /** Another page of the program is reading. */
  readonly isElsewhere = signal(false);
  /** Whether this browser keeps them over a reload. */
  readonly isKept = signal(true);
  /** Why reading was paused by itself. */
  readonly problem = signal<string | null>(null);
  /** What is being read, and how far it is, in words. */
  readonly now = signal<{ readonly name: string; readonly how: string } | null>(null);
  readonly waiting = computed(() => this.all().filter(isWaiting).length);
  readonly done = computed(() => this.all().filter((scan) => !isWaiting(scan)));
  readonly toLookAt = computed(() =>
    this.all().flatMap((scan) => {
      const why = looksOf(scan);
      return why === null ? [] : [{ id: scan.id, name: scan.name, why }];
    }),
  );
  /** Those that were discarded last, to be put back. */
  readonly discarded = signal<readonly Scan[]>([]);

  private opening: Promise<void> | null = null;
  private isWorking = false;
  private stopReading: () => void = () => undefined;

  constructor() {
    // A page that is left or loaded anew was not taken down by what it read.
    addEventListener('pagehide', () => scanStore.setLeft());
  }

  /** Goes on with what an earlier visit left. */
  open(): Promise<void> {
    return (this.opening ??= this.load().then(() => void this.work()));
  }

  /** Adds photos and documents to the end; others are left out. */
  async add(files: readonly File[]): Promise<void> {
    await this.open();
    this.discarded.set([]);
    const first = this.nextId();
    const scans = files.flatMap((file, at): Scan[] => {
      const kind = scanKindOf(file);
      if (!kind) return [];
      return [{ id: first + at, name: file.name, kind, file, begun: 0, result: null }];
    });
    this.all.update((before) => [...before, ...scans]);
    await this.keep(scans);
    void this.work();
  }

  pause(): void {
    this.setPaused(true);
    this.stopReading();
  }

  goOn(): void {
    this.problem.set(null);
    this.setPaused(false);
    void this.work();
  }

  /** Removes all; they can be put back until others come or the page is left. */
  async discard(): Promise<void> {
    const scans = this.all();
    await this.remove(new Set(scans.map(({ id }) => id)));
    this.discarded.set(scans);
  }

  /** Lets go of those whose recipes were taken. */
  async remove(ids: ReadonlySet<number>): Promise<void> {
    this.all.update((scans) => scans.filter(({ id }) => !ids.has(id)));
    this.stopReading();
    await this.kept(() => scanStore.remove([...ids]));
  }

  async putBack(): Promise<void> {
    const scans = this.discarded();
    this.discarded.set([]);
    this.all.update((before) => [...before, ...scans].sort((a, b) => a.id - b.id));
    await this.keep(scans);
    void this.work();
  }

  /** Ids rise; two pages of the program hardly give the same. */
  private nextId(): number {
    const last = this.all().reduce((most, { id }) => Math.max(most, id), 0);
    return Math.max(last + 1, Date.now() * IDS_A_MILLISECOND);
  }

  private setPaused(isPaused: boolean): void {
    this.isPaused.set(isPaused);
    scanStore.setPaused(isPaused);
  }

  private async load(): Promise<void> {
    const wasLeft = scanStore.takeLeft();
    await this.kept(async () => {
      const scans = await scanStore.all();
      this.all.set(wasLeft ? scans.map((scan) => ({ ...scan, begun: 0 })) : scans);
    });
  }

  /** Reads what waits, in one page at a time. Nothing that it does fails. */
  private async work(): Promise<void> {
    if (this.isWorking || this.isPaused() || this.waiting() === 0) return;
    this.isWorking = true;
    try {
      this.isElsewhere.set(await isHeldElsewhere());
      await navigator.locks.request(LOCK, async () => {
        if (this.isElsewhere()) await this.load();
        this.isElsewhere.set(false);
        await this.readAll();
      });
    } catch (error) {
      console.error(error);
      this.problem.set(READING_FAILED);
      this.setPaused(true);
    } finally {
      this.isWorking = false;
      this.now.set(null);
    }
    // What came while the last one was being finished.
    if (!this.isPaused() && this.waiting() > 0) void this.work();
  }

  private async readAll(): Promise<void> {
    let reader = await this.newReader();
    try {
      for (;;) {
        const scan = this.all().find(isWaiting);
        if (!scan || this.isPaused()) return;
        if (scan.begun >= MOST_BEGUN) {
          await this.finish(scan, TOO_MUCH);
          continue;
        }
        await this.change({ ...scan, begun: scan.begun + 1 });
        const stopped = new Promise<typeof STOPPED>((tell) => {
          this.stopReading = () => tell(STOPPED);
        });
        this.now.set({ name: scan.name, how: '' });
        const result = await Promise.race([
          stopped,
          reader.scan(scan.kind, scan.file, (how) => this.now.set({ name: scan.name, how })),
        ]).catch(async (error: unknown) => {
          // What could not be read for another reason was not begun.
          await this.change({ ...scan, begun: 0 });
          throw error;
        });
        if (result === STOPPED) {
          reader.stop();
          await this.change({ ...scan, begun: 0 });
          reader = await this.newReader();
        } else await this.finish(scan, result);
      }
    } finally {
      this.stopReading = () => undefined;
      reader.stop();
    }
  }

  /** What was read takes the place of the file; its pages that are pictures go to the end. */
  private async finish(scan: Scan, result: ScanResult): Promise<void> {
    if (!this.all().some(({ id }) => id === scan.id)) return;
    const first = this.nextId();
    const pages = result.pages.map(({ number, image }, at): Scan => ({
      id: first + at,
      name: `${scan.name}, page ${number}`,
      kind: 'photo',
      file: image,
      begun: 0,
      result: null,
    }));
    const read: Scan = { ...scan, file: new Blob(), begun: 0, result };
    // The pages are scans of their own from here on.
    const done = { ...read, result: { ...result, pages: [] } };
    const isOnlyPages = result.recipes.length === 0 && pages.length > 0;
    this.all.update((scans) => [
      ...scans.flatMap((one) => (one.id !== scan.id ? [one] : isOnlyPages ? [] : [done])),
      ...pages,
    ]);
    await this.keep(isOnlyPages ? pages : [done, ...pages]);
    if (isOnlyPages) await this.kept(() => scanStore.remove([scan.id]));
  }

  private async change(scan: Scan): Promise<void> {
    if (!this.all().some(({ id }) => id === scan.id)) return;
    this.all.update((scans) => scans.map((one) => (one.id === scan.id ? scan : one)));
    await this.keep([scan]);
  }

  private keep(scans: readonly Scan[]): Promise<void> {
    return this.kept(() => scanStore.put(scans));
  }

  /** A browser that keeps nothing reads all the same, as long as its page is open. */
  private async kept(act: () => Promise<void>): Promise<void> {
    try {
      await act();
      this.isKept.set(true);
    } catch (error) {
      console.warn('This browser could not keep the photos that are being read.', error);
      this.isKept.set(false);
    }
  }
}

async function isHeldElsewhere(): Promise<boolean> {
  const { held = [] } = await navigator.locks.query();
  return held.some(({ name }) => name === LOCK);
}
