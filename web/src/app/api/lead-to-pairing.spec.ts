import { HttpClient, provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router, provideRouter } from '@angular/router';
import { leadToPairing } from './lead-to-pairing';
import { noticeAway, unanswered } from './notice-away';
import { PAGE_ID, namePage } from './page-id';

describe('every request', () => {
  let http: HttpClient;
  let server: HttpTestingController;
  let navigate: jasmine.Spy;
  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideHttpClient(withInterceptors([namePage, leadToPairing, noticeAway])),
        provideHttpClientTesting(),
      ],
    });
    http = TestBed.inject(HttpClient);
    server = TestBed.inject(HttpTestingController);
    navigate = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
  });
  const ask = (): { failed: jasmine.Spy } => {
    const failed = jasmine.createSpy('failed');
    http.get('/api/kitchen').subscribe({ error: failed });
    return { failed };
  };

  it('says which page asks, and is left alone by what keeps the page', () => {
    ask();
    const { headers } = server.expectOne('/api/kitchen').request;
    expect(headers.get('X-Page')).toBe(PAGE_ID);
    expect(headers.has('ngsw-bypass')).toBeTrue();
  });

  it('of a device that is not paired leads to the passcode, and comes back to where it was', () => {
    const { failed } = ask();
    server.expectOne('/api/kitchen').flush(null, { status: 401, statusText: 'Unauthorized' });
    expect(failed).toHaveBeenCalledTimes(1);
    expect(navigate).toHaveBeenCalledOnceWith(
      ['/pair'],
      jasmine.objectContaining({
        queryParams: { then: window.location.pathname + window.location.search },
      }),
    );
  });

  it('that is refused for another reason leads nowhere', () => {
    ask();
    server.expectOne('/api/kitchen').flush(null, { status: 403, statusText: 'Forbidden' });
    expect(navigate).not.toHaveBeenCalled();
  });

  it('without any answer is noticed', () => {
    let times = 0;
    const noticing = unanswered.subscribe(() => times++);
    ask();
    server.expectOne('/api/kitchen').error(new ProgressEvent('error'));
    ask();
    server.expectOne('/api/kitchen').flush(null, { status: 500, statusText: 'Oh' });
    noticing.unsubscribe();
    expect(times).toBe(1);
  });
});
