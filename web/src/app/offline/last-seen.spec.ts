import { HttpClient, provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { firstValueFrom } from 'rxjs';
import { forgetDraft, keepDraft, keptDrafts, recallDraft } from './kept-drafts';
import { LastSeen, lastSeen } from './last-seen';
import { recallAnswer } from './seen-answers';
import { until } from '../testing/until';

describe('what was seen last', () => {
  let http: HttpClient;
  let server: HttpTestingController;
  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [provideHttpClient(withInterceptors([lastSeen])), provideHttpClientTesting()],
    });
    http = TestBed.inject(HttpClient);
    server = TestBed.inject(HttpTestingController);
  });
  afterEach(() => server.verify());

  const away = new ProgressEvent('error');
  const asked = (address: string): Promise<unknown> => firstValueFrom(http.get(address));
  /** Each spec has an address of its own: the browser keeps what it saw. */
  let count = 0;
  const recipe = () => `/api/recipes/00000000-0000-4000-8000-${String(++count).padStart(12, '0')}`;

  it('is what the server answered, shown while it is away, and of when it is', async () => {
    const address = recipe();
    const first = asked(address);
    server.expectOne(address).flush({ text: '1 cup flour' });
    expect(await first).toEqual({ text: '1 cup flour' });
    await until(async () => (await recallAnswer(address)) !== null);
    const again = asked(address);
    server.expectOne(address).error(away);
    expect(await again).toEqual({ text: '1 cup flour' });
    const seen = TestBed.inject(LastSeen);
    expect(Date.now() - seen.since()!).toBeLessThan(10_000);
    expect(seen.forget()).toBeTrue();
    expect(seen.forget()).toBeFalse();
  });

  it('is nothing where nothing was seen', async () => {
    const address = recipe();
    const first = asked(address);
    server.expectOne(address).error(away);
    await expectAsync(first).toBeRejected();
  });

  it('is forgotten once the device is let in no more', async () => {
    const address = recipe();
    const first = asked(address);
    server.expectOne(address).flush({ text: '1 cup flour' });
    await first;
    await until(async () => (await recallAnswer(address)) !== null);
    const refused = asked('/api/kitchen');
    server.expectOne('/api/kitchen').flush(null, { status: 401, statusText: 'Unauthorized' });
    await expectAsync(refused).toBeRejected();
    await until(async () => (await recallAnswer(address)) === null);
    const again = asked(address);
    server.expectOne(address).error(away);
    await expectAsync(again).toBeRejected();
  });

  it('never stands in for what the server refuses, nor for what is of the moment', async () => {
    const address = recipe();
    const first = asked(address);
    server.expectOne(address).flush({ text: '1 cup flour' });
    await first;
    await until(async () => (await recallAnswer(address)) !== null);
    const gone = asked(address);
    server.expectOne(address).flush(null, { status: 404, statusText: 'Not Found' });
    await expectAsync(gone).toBeRejected();
    for (const moment of ['/api/scale', '/api/house', `/api/bakes/${address.slice(-36)}`]) {
      const then = asked(moment);
      server.expectOne(moment).flush({});
      await then;
      expect(await recallAnswer(moment))
        .withContext(moment)
        .toBeNull();
    }
  });
});

describe('a kept change', () => {
  const id = '00000000-0000-4000-8000-0000000000d1';
  afterEach(() => forgetDraft(id));

  it('is there until the server has it, the latest of each recipe', async () => {
    expect(await recallDraft(id)).toBeNull();
    expect(await keepDraft({ id, revision: 3, draft: { text: 'a' } })).toBeTrue();
    await keepDraft({ id, revision: 3, draft: { text: 'b' } });
    expect(await recallDraft(id)).toEqual({ id, revision: 3, draft: { text: 'b' } });
    expect((await keptDrafts()).filter((one) => one.id === id).length).toBe(1);
    await forgetDraft(id);
    expect(await recallDraft(id)).toBeNull();
  });
});
