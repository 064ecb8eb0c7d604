import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { HoldsControl } from './holds-control';

describe('HoldsControl', () => {
  let fixture: ComponentFixture<HoldsControl>;
  let bowls: (number | null)[];

  beforeEach(() => {
    fixture = TestBed.createComponent(HoldsControl);
    fixture.componentRef.setInput('bowlMillilitres', null);
    fixture.componentRef.setInput('piecesPerLoad', 12);
    fixture.componentRef.setInput('loads', null);
    bowls = [];
    fixture.componentInstance.bowlSet.subscribe((bowl) => bowls.push(bowl));
    fixture.detectChanges();
  });
  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;

  it('passes on what the bowl holds, and that nothing is known of it any more', () => {
    const [bowl, oven] = [...element().querySelectorAll('input')];
    expect(oven!.value).toBe('12');
    for (const text of ['4500', '']) {
      bowl!.value = text;
      bowl!.dispatchEvent(new Event('change'));
    }
    expect(bowls).toEqual([4500, null]);
  });

  it('says into how many loads a batch is split, and why', () => {
    expect(element().querySelector('.loads')).toBeNull();
    fixture.componentRef.setInput('loads', { count: 3, gramsEach: 640, limitedBy: 'oven' });
    fixture.detectChanges();
    expect(element().querySelector('.loads')!.textContent).toContain(
      'Make 3 equal loads of 640 g: that is what your oven takes at once.',
    );
  });
});
