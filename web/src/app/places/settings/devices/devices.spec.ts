import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideState, provideStore } from '@ngrx/store';
import { of, throwError } from 'rxjs';
import type { Device, House } from '@ypsigram/contract/house';
import { HouseApi } from '../../../api/house-api';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { Acting } from '../../../testing/practice';
import { DevicesPanel } from './devices';
import { PairPage } from './pair.page';
import { RELOADING } from './reloading';

const device = (number: number, name: string, isThis = false): Device => ({
  id: `00000000-0000-4000-8000-00000000000${number}`,
  name,
  pairedAt: '2026-03-14T09:00:00.000Z',
  lastSeenAt: '2026-03-14T09:00:00.000Z',
  isThis,
});
const CLOSED: House = {
  isOpen: false,
  isHere: true,
  addresses: [],
  passcode: null,
  fingerprint: null,
  devices: [],
};
const OPEN: House = {
  ...CLOSED,
  isOpen: true,
  addresses: ['https://192.168.1.7:4311', 'https://10.0.0.7:4311'],
  passcode: '3093 2449',
  fingerprint: 'D8:BB',
  devices: [device(1, 'Counter tablet'), device(2, 'Heron’s phone')],
};

describe('devices of the house', () => {
  let api: jasmine.SpyObj<HouseApi>;
  let opened: string[];
  beforeEach(() => {
    api = jasmine.createSpyObj<HouseApi>('api', [
      'read',
      'set',
      'renewPasscode',
      'pair',
      'remove',
      'restore',
    ]);
    opened = [];
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(kitchenFeature),
        { provide: HouseApi, useValue: api },
        { provide: RELOADING, useValue: (place: string) => opened.push(place) },
      ],
    });
  });
  const shown = (house: House): Acting<DevicesPanel> => {
    api.read.and.returnValue(of(house));
    return new Acting(DevicesPanel);
  };
  const toggle = (view: Acting<DevicesPanel>): void => {
    view.element.querySelector<HTMLInputElement>('[role=switch]')!.click();
    view.fixture.detectChanges();
  };

  it('come in once the house is opened, with an address, a passcode and both as a code', () => {
    const view = shown(CLOSED);
    expect(view.words()).toContain('Off: nothing outside this computer reaches it.');
    api.set.and.returnValue(of(OPEN));
    toggle(view);
    expect(api.set).toHaveBeenCalledOnceWith(true);
    expect(view.words()).toContain('https://192.168.1.7:4311 or https://10.0.0.7:4311');
    expect(view.words()).toContain('3093 2449');
    // The passcode stands behind the #, where no server is told of it.
    expect(view.element.querySelector('yg-qr-code svg')?.getAttribute('aria-label')).toContain(
      'https://192.168.1.7:4311/pair#30932449',
    );
  });

  it('say what to do where the house can’t be opened', () => {
    const view = shown(CLOSED);
    const taken = new HttpErrorResponse({ status: 503, error: { detail: 'The port is taken.' } });
    api.set.and.returnValue(throwError(() => taken));
    toggle(view);
    expect(view.words()).toContain('The port is taken.');
  });

  it('are opened on this machine only', () => {
    // No device is told the passcode.
    const view = shown({ ...OPEN, isHere: false, passcode: null });
    expect(view.element.querySelector('[role=switch]')).toBeNull();
    expect(view.element.querySelector('yg-qr-code')).toBeNull();
    expect(view.element.querySelector('li button')).toBeNull();
    expect(view.words()).toContain('on the machine that Ypsigram runs on');
  });

  it('are removed, and brought back', () => {
    const view = shown(OPEN);
    api.remove.and.returnValue(of(undefined));
    api.read.and.returnValue(of({ ...OPEN, devices: [device(1, 'Counter tablet')] }));
    view.click('Remove Heron’s phone');
    expect(api.remove).toHaveBeenCalledOnceWith(device(2, '').id);
    expect(view.words()).toContain('Heron’s phone is removed');
    api.restore.and.returnValue(of(device(2, 'Heron’s phone')));
    api.read.and.returnValue(of(OPEN));
    view.click('Undo');
    expect(view.words()).not.toContain('is removed');
    expect(opened).toEqual([]);
  });

  it('that remove themselves are out at once', () => {
    const view = shown({ ...OPEN, isHere: false, devices: [device(1, 'Tablet', true)] });
    api.remove.and.returnValue(of(undefined));
    view.click('Remove Tablet');
    expect(opened).toEqual(['/pair']);
  });

  describe('that come in for the first time', () => {
    const typed = (passcode: string, name: string, then?: string): Acting<PairPage> => {
      const page = new Acting(PairPage, then === undefined ? {} : { then });
      const [first, second] = [...page.element.querySelectorAll('input')];
      for (const [field, text] of [
        [first!, passcode],
        [second!, name],
      ] as const) {
        field.value = text;
        field.dispatchEvent(new Event('input'));
      }
      page.click('Pair');
      return page;
    };

    it('are asked for the passcode and a name, and go where they wanted', () => {
      api.pair.and.returnValue(of(device(1, 'Tablet', true)));
      typed('3093 2449', 'Tablet', '/recipes/1/measure');
      expect(api.pair).toHaveBeenCalledOnceWith({ passcode: '3093 2449', name: 'Tablet' });
      expect(opened).toEqual(['/recipes/1/measure']);
    });

    it('go to no other site, whatever an address says', () => {
      api.pair.and.returnValue(of(device(1, 'Tablet', true)));
      for (const then of ['https://elsewhere.example', '//elsewhere.example', '/\\elsewhere']) {
        typed('3093 2449', 'Tablet', then);
      }
      expect(opened).toEqual(['/recipes', '/recipes', '/recipes']);
    });

    it('are told what is wrong before anybody is asked, and by the server', () => {
      expect(typed('3093', 'Tablet').words()).toContain('A passcode has eight digits.');
      expect(typed('3093 2449', ' ').words()).toContain('Give this device a name');
      expect(api.pair).not.toHaveBeenCalled();
      const wrong = new HttpErrorResponse({ status: 403, error: { detail: 'Not the passcode.' } });
      api.pair.and.returnValue(throwError(() => wrong));
      expect(typed('0000 0000', 'Tablet').words()).toContain('Not the passcode.');
      expect(opened).toEqual([]);
    });
  });
});
