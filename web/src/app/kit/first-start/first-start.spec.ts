import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Store, provideState, provideStore } from '@ngrx/store';
import { USUAL_KITCHEN } from '@ypsigram/contract';
import { kitchenActions } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { FirstStart } from './first-start';

describe('the first start of a kitchen', () => {
  let fixture: ComponentFixture<FirstStart>;
  let store: Store;
  beforeEach(() => {
    localStorage.removeItem('ypsigram.first-start-done');
    TestBed.configureTestingModule({ providers: [provideStore(), provideState(kitchenFeature)] });
    store = TestBed.inject(Store);
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen: USUAL_KITCHEN }));
    fixture = TestBed.createComponent(FirstStart);
    fixture.detectChanges();
  });
  const kitchen = () => store.selectSignal(kitchenFeature.selectCurrent)();
  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const answer = (at: number, value: string): void => {
    const field = element().querySelectorAll<HTMLInputElement>('select, input')[at]!;
    field.value = value;
    field.dispatchEvent(new Event('change'));
    fixture.detectChanges();
  };

  it('asks three things, none of which has to be answered', () => {
    expect(element().querySelectorAll('label').length).toBe(3);
    element().querySelector('button')!.click();
    fixture.detectChanges();
    expect(element().querySelector('label')).toBeNull();
    expect(kitchen()).toEqual(jasmine.objectContaining({ standard: 'us-customary', handId: null }));
    const again = TestBed.createComponent(FirstStart);
    again.detectChanges();
    expect((again.nativeElement as HTMLElement).querySelector('label')).toBeNull();
  });

  it('takes whose cups and spoons, at once', () => {
    answer(0, 'metric');
    expect(kitchen().standard).toBe('metric');
  });

  it('takes which scales there are, and brings one back', () => {
    answer(1, 'kitchen');
    expect(kitchen().scales.map(({ kind }) => kind)).toEqual(['kitchen']);
    answer(1, 'none');
    expect(kitchen().scales).toEqual([]);
    answer(1, 'both');
    expect(kitchen().scales.map(({ kind }) => kind)).toEqual(['kitchen', 'fine']);
    expect(kitchen().scales[0]!.units).toEqual(USUAL_KITCHEN.scales[0]!.units);
  });

  it('takes who measures, under another name too, or nobody again', () => {
    answer(2, ' Coot ');
    expect(kitchen().hands.map(({ name }) => name)).toEqual(['Coot']);
    expect(kitchen().handId).toBe(kitchen().hands[0]!.id);
    answer(2, 'Teal');
    expect(kitchen().hands.map(({ name }) => name)).toEqual(['Teal']);
    answer(2, '');
    expect(kitchen().hands).toEqual([]);
    expect(kitchen().handId).toBeNull();
  });
});
