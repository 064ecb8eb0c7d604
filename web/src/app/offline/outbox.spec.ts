import { PAGE_ID } from '../api/page-id';
import { emptyOutbox, leftByClosedPage } from '../testing/outbox';
import { browserKeeps } from './browser-database';
import { closedPages, stayKnown } from './live-pages';
import { OFFLINE } from './offline-store';
import { isSame, putOut, takeOut, waitingOut } from './outbox';

describe('the outbox of a browser', () => {
  beforeEach(() => emptyOutbox());
  afterEach(() => emptyOutbox());
  const ids = async (kind: 'try' | 'timer' = 'try'): Promise<string[]> =>
    (await waitingOut(kind)).map(({ id }) => id);

  it('keeps each thing by itself, in the order in which it was put in', async () => {
    expect(await putOut('try', 'a', 1)).toBeTrue();
    await putOut('timer', 'a', 2);
    await putOut('try', 'b', 3);
    await leftByClosedPage('try', 'older', 0, 1);
    expect(await ids()).toEqual(['older', 'a', 'b']);
    await takeOut('try', 'a');
    expect(await ids()).toEqual(['older', 'b']);
    expect(await ids('timer')).toEqual(['a']);
  });

  it('lets go of the change that was sent, and of no later one', async () => {
    await putOut('try', 'a', 'first');
    const [sent] = await waitingOut('try');
    await putOut('try', 'a', 'second');
    await takeOut('try', 'a', isSame(sent!));
    expect((await waitingOut('try')).map(({ value }) => value)).toEqual(['second']);
  });

  it('keeps in the page what the disk has no room for, and on the disk once it has', async () => {
    const put = spyOn(IDBObjectStore.prototype, 'put').and.callFake(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    spyOn(console, 'warn');
    expect(await putOut('try', 'a', 1)).toBeFalse();
    expect(browserKeeps()).toBeFalse();
    expect(await ids()).toEqual(['a']);
    put.and.callThrough();
    expect(await putOut('try', 'b', 2)).toBeTrue();
    expect(browserKeeps()).toBeTrue();
    const kept = await OFFLINE.use((database) => database.getAllKeys('outbox'));
    expect(kept).toEqual(['try a', 'try b']);
  });

  it('goes on where the browser closed its database behind everybody’s back', async () => {
    await putOut('try', 'a', 1);
    await OFFLINE.use((database) => Promise.resolve(database.close()));
    expect(await putOut('try', 'b', 2)).toBeTrue();
    expect(await ids()).toEqual(['a', 'b']);
  });

  it('loses nothing where it can’t be read: that is told, and what the page knows is there', async () => {
    await putOut('try', 'a', 1);
    spyOn(OFFLINE, 'use').and.rejectWith(new DOMException('denied', 'SecurityError'));
    const warned = spyOn(console, 'warn');
    await putOut('try', 'b', 2);
    expect(await ids()).toEqual(['b']);
    expect(warned).toHaveBeenCalled();
  });
});

describe('a page that is closed', () => {
  it('is told from one that is open, and never taken for the own', async () => {
    stayKnown();
    let letGo = (): void => undefined;
    const open = new Promise<void>((done) => (letGo = done));
    const held = new Promise<void>((isHeld) => {
      void navigator.locks.request('ypsigram-page another', () => {
        isHeld();
        return open;
      });
    });
    await held;
    const isClosed = await closedPages();
    expect([isClosed(PAGE_ID), isClosed('another'), isClosed('gone')]).toEqual([
      false,
      false,
      true,
    ]);
    letGo();
  });
});
