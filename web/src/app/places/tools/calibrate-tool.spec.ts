import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { KitchenTool, Temperature } from '@ypsigram/contract';
import { Store, provideState, provideStore } from '@ngrx/store';
import { typeInto } from '../../testing/type-into';
import { ScaleApi } from '../../api/scale-api';
import { kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { LiveScale } from '../../scale/live-scale';
import { CalibrateTool } from './calibrate-tool';

const CUP: KitchenTool = {
  name: '1 cup',
  kind: 'cup',
  nominal: '1',
  unit: 'cup',
  set: null,
  aside: false,
  calibration: null,
};

describe('CalibrateTool', () => {
  let fixture: ComponentFixture<CalibrateTool>;
  let changes: KitchenTool['calibration'][];

  beforeEach(() => {
    changes = [];
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(kitchenFeature),
        { provide: ScaleApi, useValue: {} },
      ],
    });
    heatIn('celsius');
    fixture = TestBed.createComponent(CalibrateTool);
    fixture.componentRef.setInput('standard', 'us-customary');
    fixture.componentRef.setInput('tool', CUP);
    // As the page does: what is changed comes back in.
    fixture.componentInstance.changed.subscribe((calibration) => {
      changes.push(calibration);
      fixture.componentRef.setInput('tool', { ...CUP, calibration });
      fixture.detectChanges();
    });
    fixture.detectChanges();
  });

  const heatIn = (temperature: Temperature): void =>
    TestBed.inject(Store).dispatch(kitchenChanges.settingsChosen({ change: { temperature } }));
  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const fields = (): NodeListOf<HTMLInputElement> => element().querySelectorAll('input');
  const add = (grams: string): void => {
    typeInto(fields()[1]!, grams);
    element().querySelector<HTMLButtonElement>('.btn-primary')!.click();
    fixture.detectChanges();
  };

  it('takes fills with either decimal mark, and empties the field for the next', () => {
    add('236,4');
    add('236.8');
    expect(changes.at(-1)?.grams).toEqual([236.4, 236.8]);
    expect(fields()[1]!.value).toBe('');
    expect(element().textContent).toContain('1 more fill until recipes use this size.');
  });

  it('says what it found after three', () => {
    for (const grams of ['236.4', '236.8', '236.6']) add(grams);
    expect(element().textContent).toContain('Recipes use this size.');
    expect(element().querySelectorAll('circle').length).toBe(3);
  });

  it('refuses what is no weight, and keeps it to be mended', () => {
    for (const wrong of ['', '-3', '0', 'much', '99999', '1e3']) {
      add(wrong);
      expect(fields()[1]!.value).toBe(wrong);
      expect(element().querySelector('.problem')?.textContent).toContain(
        'Write the water’s weight',
      );
    }
    expect(changes).toEqual([]);
  });

  it('takes the temperature of the water in the degrees of this kitchen', () => {
    heatIn('fahrenheit');
    fixture.detectChanges();
    typeInto(fields()[0]!, '77');
    fixture.detectChanges();
    expect(changes.at(-1)?.celsius).toBeCloseTo(25, 9);
    expect(fields()[0]!.value).toBe('77');
    expect(element().textContent).toContain('°F');
  });

  it('refuses water whose density is not known', () => {
    typeInto(fields()[0]!, '95');
    fixture.detectChanges();
    expect(changes).toEqual([]);
    expect(element().textContent).toContain('Use water of 0 to 40 °C.');
  });

  it('forgets the calibration with its last fill', () => {
    add('236');
    element().querySelector<HTMLButtonElement>('.fills button')!.click();
    expect(changes.at(-1)).toBeNull();
  });

  it('takes a fill from the scale, with the scale’s step', () => {
    const scale = TestBed.inject(LiveScale);
    scale.status.set('live');
    scale.description.set({ name: 'fine', gridGrams: 0.01, units: [], isSimulated: true });
    scale.reading.set({
      state: 'on',
      unit: 'g',
      shown: '2.65',
      grams: 2.65,
      isStable: true,
      tareGrams: 0,
    });
    fixture.detectChanges();
    const take = [...element().querySelectorAll('button')].find(({ textContent }) =>
      textContent?.includes('from the scale'),
    )!;
    take.click();
    expect(changes.at(-1)).toEqual(jasmine.objectContaining({ grams: [2.65], grid: 0.01 }));
    expect(scale.weighing()?.ingredientId).toBe('water');
  });
});
