import { HttpErrorResponse } from '@angular/common/http';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Subject, of, throwError, type Observable } from 'rxjs';
import type { WebPageReply, WebPagesState } from '@ypsigram/contract';
import { FilesApi } from '../../api/files-api';
import { WebAddress } from './web-address';

const REPLY = { address: 'https://towpath.example/', recipes: [] } as unknown as WebPageReply;

describe('a web address', () => {
  let page: Subject<WebPageReply>;
  let fixture: ComponentFixture<WebAddress>;
  let got: WebPageReply[];

  function open(state: Observable<WebPagesState>, address = ''): void {
    page = new Subject();
    got = [];
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        { provide: FilesApi, useValue: { webPages: () => state, webPage: () => page } },
      ],
    });
    fixture = TestBed.createComponent(WebAddress);
    fixture.componentRef.setInput('address', address);
    fixture.componentInstance.got.subscribe((reply) => got.push(reply));
    fixture.detectChanges();
  }
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const button = (name: string): HTMLButtonElement =>
    [...host().querySelectorAll('button')].find((one) => one.textContent!.includes(name))!;
  function press(name: string): void {
    button(name).click();
    fixture.detectChanges();
  }

  it('that was pasted is there already, and is got once', () => {
    open(of({ isOn: true, samples: [] }), ' https://towpath.example/ ');
    expect(host().querySelector('input')!.value).toBe('https://towpath.example/');
    press('Get recipe');
    expect(host().textContent).toContain('Getting the page');
    page.next(REPLY);
    expect(got).toEqual([REPLY]);
  });

  it('is stopped, and what comes late is not taken', () => {
    open(of({ isOn: true, samples: [] }), 'towpath.example');
    press('Get recipe');
    press('Stop');
    expect(page.observed).toBeFalse();
    expect(button('Get recipe')).toBeDefined();
  });

  it('says what is wrong, and keeps what was typed', () => {
    open(of({ isOn: true, samples: [] }), 'towpath.example');
    press('Get recipe');
    page.error(new HttpErrorResponse({ status: 424, error: { detail: 'There is no such page.' } }));
    fixture.detectChanges();
    expect(host().querySelector('[role=alert]')!.textContent).toContain('There is no such page.');
    expect(host().querySelector('input')!.value).toBe('towpath.example');
  });

  it('offers the pages of the demo, says that it is off, and works where neither is known', () => {
    open(
      of({
        isOn: false,
        samples: [{ title: 'Hatch granola', address: 'http://127.0.0.1:9/hatch' }],
      }),
    );
    expect(host().textContent).toContain('switched off');
    press('Hatch granola');
    expect(host().querySelector('input')!.value).toBe('http://127.0.0.1:9/hatch');
    TestBed.resetTestingModule();
    open(
      throwError(() => new HttpErrorResponse({ status: 500 })),
      'towpath.example',
    );
    expect(button('Get recipe').disabled).toBeFalse();
  });
});
