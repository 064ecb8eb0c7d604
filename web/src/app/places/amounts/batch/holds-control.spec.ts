import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { HoldsControl } from './holds-control';
import { loadsMessage } from './loads-message';

describe('HoldsControl', () => {
  let fixture: ComponentFixture<HoldsControl>;
  let bowls: (number | null)[];

  beforeEach(() => {
    fixture = TestBed.createComponent(HoldsControl);
    fixture.componentRef.setInput('bowlMillilitres', null);
    fixture.componentRef.setInput('piecesPerLoad', 12);
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
});

describe('loads', () => {
  it('say into how many a batch is split, and why', () => {
    expect(loadsMessage(null)).toBeNull();
    expect(loadsMessage({ count: 3, gramsEach: 640, limitedBy: 'oven' })).toBe(
      'Make 3 equal loads of 640 g: that is what your oven takes at once.',
    );
    expect(loadsMessage({ count: 2, gramsEach: 900, limitedBy: 'bowl' })).toContain(
      'your bowl can mix',
    );
  });
});
