import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { AboutProgram } from './about-program';

describe('version and licences', () => {
  it('are fetched once they are wanted, and again after a failure', () => {
    TestBed.configureTestingModule({
      providers: [provideHttpClient(), provideHttpClientTesting()],
    });
    const http = TestBed.inject(HttpTestingController);
    const fixture = TestBed.createComponent(AboutProgram);
    fixture.detectChanges();
    const page = fixture.nativeElement as HTMLElement;
    http.expectNone('/licences.json');

    page.querySelector('details')!.dispatchEvent(new Event('toggle'));
    http.expectOne('/api/health').flush({ version: '1.2.3' });
    http.expectOne('/licences.json').flush('', { status: 500, statusText: 'Server error' });
    fixture.detectChanges();
    expect(page.textContent).toContain('can’t be read just now');

    page.querySelector('button')!.click();
    http.expectOne('/api/health').flush({ version: '1.2.3' });
    http.expectOne('/licences.json').flush([{ packages: ['a 1', 'b 2'], text: 'As you like.' }]);
    fixture.detectChanges();
    expect(page.textContent).toContain('Ypsigram 1.2.3');
    expect(page.textContent).toContain('a 1, b 2');
    expect(page.textContent).not.toContain('can’t be read');
    page.querySelector('details')!.dispatchEvent(new Event('toggle'));
    http.verify();
  });
});
