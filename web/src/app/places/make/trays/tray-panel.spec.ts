import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { timersFeature } from '../../../state/timers/timers.feature';
import { bakeOf, benchWith } from '../../../testing/bake';
import { OvenSession } from '../oven-session';
import { TrayPanel } from './tray-panel';

const TEXT = `2 cups flour
1 tsp salt

Method
Fold together.
Bake at 350 °F for 25 to 30 minutes and turn out after 5 minutes.`;

describe('the trays of a bake', () => {
  let fixture: ComponentFixture<TrayPanel>;
  let session: OvenSession;
  let store: Store;
  const words = (): string =>
    (fixture.nativeElement as HTMLElement).textContent.replace(/\s+/g, ' ');
  const press = (name: string): void => {
    const buttons = [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')];
    buttons.find((button) => button.textContent.includes(name))!.click();
    fixture.detectChanges();
  };
  const timers = (): string[] =>
    store
      .selectSignal(timersFeature.selectTimers)()
      .map(({ name }) => name.split(' · ')[0]!);

  beforeEach(() => {
    const bake = bakeOf('container');
    ({ store } = benchWith({ ...bake, plan: { ...bake.plan, text: TEXT } }, OvenSession));
    session = TestBed.inject(OvenSession);
    fixture = TestBed.createComponent(TrayPanel);
    fixture.detectChanges();
  });

  it('go in, are timed to the first look, and say how long they are in', () => {
    expect(words()).toContain('First look after 25 min: the early end of the range.');
    press('The tray goes in');
    expect(words()).toContain('The tray in the oven 0:00');
    expect(timers()).toEqual(['First look: The tray']);
  });

  it('that are wet go back in, with the next look', () => {
    press('The tray goes in');
    press('Wet batter');
    expect(words()).toContain('Wet at the last look: back in.');
    expect(timers()).toContain('Look again: The tray');
    expect(session.state()!.after.trays[0]!.outAt).toBeNull();
  });

  it('with moist crumbs are out, rest in the pan, and are turned out', () => {
    press('The tray goes in');
    press('A few moist crumbs');
    expect(words()).toContain('Rest it 5 min in its pan, then turn it out.');
    expect(timers()).toContain('Turn out: The tray');
    press('Turned out');
    expect(words()).toContain('Turned out.');
    const done = session.state()!.after.steps;
    expect(
      session
        .walk()
        .steps.filter(({ id }) => done.includes(id))
        .map(({ kind }) => kind),
    ).toEqual(['bake', 'cool']);
  });

  it('are several: the step is done when the last one is out', () => {
    session.setOven({ trays: 2 });
    fixture.detectChanges();
    press('Tray 1 goes in');
    press('Clean');
    expect(session.state()!.after.steps).toEqual([]);
    press('Tray 2 goes in');
    press('Clean');
    expect(session.state()!.after.steps.length).toBe(1);
  });
});
