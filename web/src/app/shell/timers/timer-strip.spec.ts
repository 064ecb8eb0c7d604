import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Store, provideState, provideStore } from '@ngrx/store';
import { timersActions, timersFeature } from '../../state/timers/timers.feature';
import { Ringing } from './ringing';
import { TimerStrip } from './timer-strip';

describe('the strip of timers', () => {
  let fixture: ComponentFixture<TimerStrip>;
  let store: Store;
  let ringing: jasmine.SpyObj<Ringing>;
  const words = (): string =>
    (fixture.nativeElement as HTMLElement).textContent.replace(/\s+/g, ' ');
  const set = (id: string, seconds: number): void => {
    store.dispatch(
      timersActions.timerSet({
        timer: {
          id,
          name: `Tray ${id}`,
          bakeId: null,
          recipeId: null,
          awaits: null,
          startedAt: new Date().toISOString(),
          endsAt: new Date(Date.now() + seconds * 1000).toISOString(),
        },
      }),
    );
    fixture.detectChanges();
  };
  const press = (label: string): void => {
    (fixture.nativeElement as HTMLElement)
      .querySelector<HTMLButtonElement>(`button[aria-label="${label}"]`)!
      .click();
    fixture.detectChanges();
  };
  const timers = () => store.selectSignal(timersFeature.selectTimers)();
  const minutesLeft = (): number =>
    Math.round((Date.parse(timers()[0]!.endsAt) - Date.now()) / 60_000);

  beforeEach(() => {
    ringing = jasmine.createSpyObj<Ringing>('ringing', [
      'start',
      'stop',
      'prepare',
      'canAskToNotify',
    ]);
    ringing.canAskToNotify.and.returnValue(false);
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideStore(),
        provideState(timersFeature),
        { provide: Ringing, useValue: ringing },
      ],
    });
    store = TestBed.inject(Store);
    fixture = TestBed.createComponent(TimerStrip);
    fixture.detectChanges();
  });

  it('shows what is left, and takes or adds minutes with one tap', () => {
    set('1', 600);
    expect(words()).toMatch(/Tray 1\s*(10:00|9:59)/);
    press('+5 minutes: Tray 1');
    press('−1 minute: Tray 1');
    expect(minutesLeft()).toBe(14);
    press('Stop: Tray 1');
    expect(timers()).toEqual([]);
  });

  it('rings once for each that is over, says so, and is quiet when it is stopped', () => {
    set('1', -2);
    expect(ringing.start).toHaveBeenCalledOnceWith('Tray 1');
    expect(words()).toContain('The time is up: Tray 1.');
    set('2', -1);
    expect(ringing.start).toHaveBeenCalledTimes(2);
    press('Stop: Tray 1');
    press('Stop: Tray 2');
    expect(ringing.stop).toHaveBeenCalled();
  });

  it('folds more than two, but none that rings', () => {
    for (const id of ['1', '2', '3', '4']) set(id, 600 + Number(id));
    expect(words()).toContain('2 more timers');
    expect(words()).not.toContain('Tray 3');
    const unfold = (fixture.nativeElement as HTMLElement).querySelector<HTMLElement>(
      'button[aria-expanded]',
    )!;
    unfold.click();
    fixture.detectChanges();
    expect(words()).toContain('Tray 4');
    unfold.click();
    for (const id of ['5', '6', '7']) set(id, -1);
    expect(words()).toContain('4 more timers');
    for (const id of ['5', '6', '7']) expect(words()).toContain(`Tray ${id}`);
  });

  it('gives a minute from now to one that is over', () => {
    set('1', -300);
    press('+1 minute: Tray 1');
    expect(minutesLeft()).toBe(1);
  });

  it('goes by the clock of the server', () => {
    set('1', 60);
    const [timer] = timers();
    store.dispatch(
      timersActions.timersLoaded({
        timers: [{ ...timer!, id: '1b', name: 'Tray 1b' }],
        aheadMilliseconds: 120_000,
      }),
    );
    fixture.detectChanges();
    expect(words()).toMatch(/Tray 1b\s*(3:00|2:59)/);
  });

  it('has one back that was stopped by mistake, as another with the same end', () => {
    set('a', 600);
    const [before] = timers();
    press('Stop: Tray a');
    expect(timers()).toEqual([]);
    expect(words()).toContain('Stopped: Tray a.');
    (fixture.nativeElement as HTMLElement).querySelector<HTMLElement>('.put-out button')!.click();
    fixture.detectChanges();
    const [back] = timers();
    expect([back!.name, back!.endsAt]).toEqual([before!.name, before!.endsAt]);
    // The stop holds on every device, whatever they send late.
    expect(back!.id).not.toBe(before!.id);
    expect(words()).not.toContain('Stopped');
  });
});
