import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { KitchenTool } from '@ypsigram/contract';
import { CalibrateTool } from './calibrate-tool';

const CUP: KitchenTool = {
  name: '1 cup',
  kind: 'cup',
  nominal: '1',
  unit: 'cup',
  aside: false,
  calibration: null,
};

describe('CalibrateTool', () => {
  let fixture: ComponentFixture<CalibrateTool>;
  let changes: KitchenTool['calibration'][];

  beforeEach(() => {
    changes = [];
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

  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const fields = (): NodeListOf<HTMLInputElement> => element().querySelectorAll('input');
  const add = (grams: string): void => {
    fields()[1]!.value = grams;
    element().querySelector<HTMLButtonElement>('.btn-primary')!.click();
    fixture.detectChanges();
  };

  it('takes fills with either decimal mark, and empties the field for the next', () => {
    add('236,4');
    add('236.8');
    expect(changes.at(-1)?.grams).toEqual([236.4, 236.8]);
    expect(fields()[1]!.value).toBe('');
    expect(element().textContent).toContain('1 more fill and plans use it.');
  });

  it('says what it found after three', () => {
    for (const grams of ['236.4', '236.8', '236.6']) add(grams);
    expect(element().textContent).toContain('Plans use it.');
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

  it('refuses water whose density is not known', () => {
    fields()[0]!.value = '95';
    fields()[0]!.dispatchEvent(new Event('change'));
    fixture.detectChanges();
    expect(changes).toEqual([]);
    expect(element().textContent).toContain('Water from 0 to 40 °C');
  });

  it('forgets the calibration with its last fill', () => {
    add('236');
    element().querySelector<HTMLButtonElement>('.fills button')!.click();
    expect(changes.at(-1)).toBeNull();
  });
});
