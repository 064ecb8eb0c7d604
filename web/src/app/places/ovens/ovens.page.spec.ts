import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Store, provideState, provideStore } from '@ngrx/store';
import { of } from 'rxjs';
import { USUAL_KITCHEN } from '@ypsigram/contract';
import { OvenApi } from '../../api/oven-api';
import { kitchenActions } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { OvensPage } from './ovens.page';

describe('the ovens of a kitchen', () => {
  let fixture: ComponentFixture<OvensPage>;
  let store: Store;
  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const words = (): string => element().textContent.replace(/\s+/g, ' ');
  const ovens = () => store.selectSignal(kitchenFeature.selectOvens)();
  const submit = (form: Element, ...values: string[]): void => {
    const fields = [...form.querySelectorAll<HTMLInputElement>('input:not([type=checkbox])')];
    for (const [at, value] of values.entries()) fields[at]!.value = value;
    form.dispatchEvent(new Event('submit', { cancelable: true }));
    fixture.detectChanges();
  };

  beforeEach(() => {
    const api = jasmine.createSpyObj<OvenApi>('api', ['simulatedOven', 'turnOven']);
    api.simulatedOven.and.returnValue(
      of({ isOn: false, dialCelsius: 180, isFan: false, times: 1 }),
    );
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideStore(),
        provideState(kitchenFeature),
        { provide: OvenApi, useValue: api },
      ],
    });
    store = TestBed.inject(Store);
    const kitchen = { ...USUAL_KITCHEN, temperature: 'celsius' as const };
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen }));
    fixture = TestBed.createComponent(OvensPage);
    fixture.detectChanges();
  });

  const addOven = (name: string): void => submit(element().querySelector('.add form')!, name);
  const record = (dial: string, shown: string): void =>
    submit(element().querySelector('section[aria-labelledby=readings] form')!, dial, shown);

  it('begin with none, and take one by its name only once', () => {
    expect(words()).toContain('Add your oven');
    addOven('');
    expect(words()).toContain('Give the oven a name.');
    addOven('lock oven');
    expect(words()).toContain('Nobody has measured it yet');
    addOven('lock oven');
    expect(words()).toContain('There is already a “lock oven”');
    expect(ovens().length).toBe(1);
  });

  it('say how wrong a dial is, and what to set', () => {
    addOven('lock oven');
    for (const [dial, shown] of [
      ['150', '162'],
      ['180', '192'],
      ['210', '222'],
    ] as const) {
      record(dial, shown);
    }
    expect(words()).toMatch(/It is 12 ± \d+ °C hotter than its dial says\./);
    expect(words()).toMatch(/for 177 °C · gas mark 4\s*set 165 °C/);
  });

  it('refuse what is no heat, and lose nothing', () => {
    addOven('lock oven');
    record('hot', '190');
    expect(words()).toContain('Write what the dial is set to and what the thermometer shows');
    record('180', '1900');
    expect(ovens()[0]!.readings).toEqual([]);
  });

  it('forget a reading, and take that back', () => {
    addOven('lock oven');
    record('180', '192');
    element().querySelector<HTMLButtonElement>('.readings button')!.click();
    fixture.detectChanges();
    expect(ovens()[0]!.readings).toEqual([]);
    element().querySelector<HTMLButtonElement>('.head button')!.click();
    expect(ovens()[0]!.readings.length).toBe(1);
  });
});
