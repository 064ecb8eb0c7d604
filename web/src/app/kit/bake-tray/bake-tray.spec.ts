import { TestBed } from '@angular/core/testing';
import { BakeTray } from './bake-tray';

describe('a hundred bakes', () => {
  const drawn = (share: number): HTMLElement => {
    const fixture = TestBed.createComponent(BakeTray);
    fixture.componentRef.setInput('share', share);
    fixture.detectChanges();
    return fixture.nativeElement as HTMLElement;
  };

  it('are as many whole and broken ones as came out and did not, and say so', () => {
    const tray = drawn(0.734);
    expect(tray.querySelectorAll('.good').length).toBe(73);
    expect(tray.querySelectorAll('.off').length).toBe(27);
    expect(tray.querySelector('svg')!.getAttribute('aria-label')).toBe(
      'Of a hundred bakes 73 come out, 27 do not.',
    );
  });

  it('are all of one kind at either end', () => {
    expect(drawn(1).querySelectorAll('.off').length).toBe(0);
    expect(drawn(0).querySelectorAll('.good').length).toBe(0);
  });
});
