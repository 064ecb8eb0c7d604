import type { ChangeEvent } from '@ypsigram/contract/house';
import { unanswered } from '../../api/notice-away';
import { changesStream, type Heard } from './changes-stream';

class FakeSource extends EventTarget {
  static all: FakeSource[] = [];
  readyState: number = EventSource.OPEN;
  isClosed = false;
  constructor() {
    super();
    FakeSource.all.push(this);
  }
  close(): void {
    this.isClosed = true;
  }
  static get latest(): FakeSource {
    return FakeSource.all.at(-1)!;
  }
}

const EVENT: ChangeEvent = {
  changes: { kitchen: 1, trials: 0, authors: 0, recipes: 2, bakes: 0, timers: 0, practice: 0 },
  areas: ['recipes'],
  by: null,
};

describe('the stream of changes', () => {
  let real: typeof EventSource;
  beforeEach(() => {
    real = window.EventSource;
    FakeSource.all = [];
    window.EventSource = Object.assign(FakeSource, {
      OPEN: real.OPEN,
      CLOSED: real.CLOSED,
      CONNECTING: real.CONNECTING,
    }) as unknown as typeof EventSource;
  });
  afterEach(() => {
    window.EventSource = real;
  });

  const listening = async (): Promise<{ heard: Heard[]; stop: () => void }> => {
    const heard: Heard[] = [];
    const before = FakeSource.all.length;
    const subscription = changesStream().subscribe((what) => heard.push(what));
    const until = Date.now() + 200;
    while (FakeSource.all.length === before && Date.now() < until) await tick();
    return { heard, stop: () => subscription.unsubscribe() };
  };

  it('tells what changes, and whether the server is there', async () => {
    const { heard, stop } = await listening();
    const source = FakeSource.latest;
    source.dispatchEvent(new Event('open'));
    source.dispatchEvent(new MessageEvent('changes', { data: JSON.stringify(EVENT) }));
    source.dispatchEvent(new Event('error'));
    expect(heard).toEqual([{ is: 'found' }, { is: 'changes', event: EVENT }, { is: 'lost' }]);
    stop();
    expect(source.isClosed).toBeTrue();
    await tick();
  });

  it('is one for all windows: the others are told, and one takes over', async () => {
    const first = await listening();
    const second = await listening();
    expect(FakeSource.all.length).toBe(1);
    FakeSource.latest.dispatchEvent(new Event('open'));
    await until(() => second.heard.length > 0);
    expect(second.heard).toEqual([{ is: 'found' }]);
    first.stop();
    await until(() => FakeSource.all.length === 2);
    second.stop();
    await tick();
  });

  it('is opened anew when the network comes back, and lost at once when it goes', async () => {
    const { heard, stop } = await listening();
    window.dispatchEvent(new Event('offline'));
    expect(FakeSource.latest.isClosed).toBeTrue();
    expect(heard).toEqual([{ is: 'lost' }]);
    window.dispatchEvent(new Event('online'));
    expect(FakeSource.all.length).toBe(2);
    stop();
    await tick();
  });

  it('is doubted when a request has no answer, but not while it is being opened', async () => {
    const { stop } = await listening();
    unanswered.next();
    expect(FakeSource.all.length).toBe(1);
    jasmine
      .clock()
      .install()
      .mockDate(new Date(Date.now() + 5000));
    unanswered.next();
    jasmine.clock().uninstall();
    expect(FakeSource.all.length).toBe(2);
    stop();
    await tick();
  });
});

const tick = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 10));

async function until(holds: () => boolean): Promise<void> {
  while (!holds()) await tick();
}
