import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { FakeScale } from '../testing/bake';
import { LiveScale } from './live-scale';
import { WeightEntry, type EnteredWeight } from './weight-entry';

describe('a weight that is entered', () => {
  let scale: FakeScale;
  let fixture: ComponentFixture<WeightEntry>;
  let entered: EnteredWeight[];
  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const field = (): HTMLInputElement => element().querySelector('input')!;
  const press = (name: RegExp): void => {
    const all = [...element().querySelectorAll('button')];
    all.find((button) => name.test(button.textContent))!.click();
    fixture.detectChanges();
  };
  const type = (text: string): void => {
    field().value = text;
    field().dispatchEvent(new Event('input'));
  };

  beforeEach(() => {
    scale = new FakeScale();
    TestBed.configureTestingModule({ providers: [{ provide: LiveScale, useValue: scale }] });
    fixture = TestBed.createComponent(WeightEntry);
    fixture.componentRef.setInput('tool', '1 cup');
    fixture.componentRef.setInput('act', 'Add weight');
    entered = [];
    fixture.componentInstance.weighed.subscribe((weight) => entered.push(weight));
    fixture.detectChanges();
  });

  it('is typed with either mark, and makes room for the next', () => {
    type('131,5');
    press(/Add weight/);
    expect(entered).toEqual([{ grams: 131.5, source: 'typed' }]);
    expect(field().value).toBe('');
  });

  it('is taken from the scale once it has settled', () => {
    scale.shows(128);
    fixture.detectChanges();
    press(/Take 128 g/);
    expect(entered).toEqual([{ grams: 128, source: 'scale' }]);
  });

  it('that is none is refused with an example, and what was typed stays', () => {
    type('a cup');
    press(/Add weight/);
    expect(entered).toEqual([]);
    expect(element().textContent).toContain('For example: 131.');
    expect(field().value).toBe('a cup');
    expect(field().getAttribute('aria-invalid')).toBe('true');
  });
});
