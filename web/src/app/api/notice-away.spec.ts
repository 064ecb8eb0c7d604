import {
  HttpClient,
  HttpErrorResponse,
  HttpHeaders,
  provideHttpClient,
  withInterceptors,
} from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { firstValueFrom, of, throwError } from 'rxjs';
import { noticeAway, putOff, unanswered } from './notice-away';
import { isAway, isBusy, problemOf } from './recipes-api';
import { unharmed } from './unharmed';

const busy = new HttpErrorResponse({
  status: 503,
  headers: new HttpHeaders({ 'Retry-After': '2' }),
  error: { detail: 'A backup is being restored (43 %).' },
});
const refused = new HttpErrorResponse({ status: 503, error: { detail: 'The port is taken.' } });

describe('a server without an answer, or without time', () => {
  it('is told apart: what is put off is sent again, what is refused is not', () => {
    expect([isBusy(busy), isAway(busy)]).toEqual([true, true]);
    expect([isBusy(refused), isAway(refused)]).toEqual([false, false]);
    expect(problemOf(busy)).toBe('A backup is being restored (43 %).');
    expect(isAway(new HttpErrorResponse({ status: 0 }))).toBeTrue();
  });

  it('says when to come again', async () => {
    TestBed.configureTestingModule({
      providers: [provideHttpClient(withInterceptors([noticeAway])), provideHttpClientTesting()],
    });
    const server = TestBed.inject(HttpTestingController);
    const heard: (number | 'none')[] = [];
    const listening = [
      putOff.subscribe((milliseconds) => heard.push(milliseconds)),
      unanswered.subscribe(() => heard.push('none')),
    ];
    const ask = (): Promise<unknown> =>
      firstValueFrom(TestBed.inject(HttpClient).get('/api/kitchen')).catch(
        (error: unknown) => error,
      );
    const answers = [ask(), ask(), ask()];
    const [first, second, third] = server.match('/api/kitchen');
    first!.flush(busy.error, { status: 503, statusText: 'Busy', headers: busy.headers });
    second!.error(new ProgressEvent('error'));
    third!.flush(refused.error, { status: 503, statusText: 'Refused' });
    await Promise.all(answers);
    expect(heard).toEqual([2000, 'none']);
    for (const one of listening) one.unsubscribe();
  });
});

describe('what may fail without harm', () => {
  it('says why, and goes on without', async () => {
    const said = spyOn(console, 'debug');
    const failing = throwError(() => new Error('no'));
    await expectAsync(
      firstValueFrom(failing.pipe(unharmed('it is asked for again')), { defaultValue: 'nothing' }),
    ).toBeResolvedTo('nothing');
    expect(said.calls.mostRecent().args[0]).toBe('it is asked for again');
    await expectAsync(firstValueFrom(of(7).pipe(unharmed('never')))).toBeResolvedTo(7);
  });
});
