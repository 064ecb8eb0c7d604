import { typeInto } from '../../../testing/type-into';
import { readUsualLine } from '../../../testing/read';
import { TestBed } from '@angular/core/testing';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import type { OtherReading } from '@ypsigram/core/reading';
import { CorrectLine } from './correct-line';

describe('CorrectLine', () => {
  const open = (written: string) => {
    const fixture = TestBed.createComponent(CorrectLine);
    fixture.componentRef.setInput('line', readUsualLine(written));
    fixture.componentRef.setInput('shelf', BUILT_IN_SHELF);
    const corrected: OtherReading[] = [];
    fixture.componentInstance.corrected.subscribe((reading) => corrected.push(reading));
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const fields = [
      ...element.querySelectorAll<HTMLInputElement | HTMLSelectElement>('input, select'),
    ];
    const set = (index: number, value: string): void => {
      typeInto(fields[index]!, value);
      fixture.detectChanges();
    };
    const save = (): string => {
      element.querySelector('form')!.dispatchEvent(new Event('submit'));
      fixture.detectChanges();
      return element.querySelector('.problem')!.textContent!;
    };
    return { fields, set, save, corrected };
  };

  it('starts from what was read', () => {
    const { fields } = open('1 1/2 cups (180 g) bread flour');
    expect(fields.map(({ value }) => value)).toEqual([
      '1 1/2',
      'cup',
      'Bread flour',
      'spooned',
      '180',
    ]);
  });

  it('says what is meant instead', () => {
    const { set, save, corrected } = open('1 cup milk');
    set(0, '2-3');
    set(2, 'buttermilk');
    expect(save()).toBe('');
    expect(corrected[0]).toEqual({
      ingredientId: 'buttermilk',
      amount: ['2', '3'],
      unit: 'cup',
      method: 'poured',
      statedGrams: null,
    });
  });

  it('takes an amount that is a weight for the weight', () => {
    const { set, save, corrected } = open('1 cup milk');
    set(0, '8');
    set(1, 'oz');
    expect(save()).toBe('');
    expect(corrected[0]!.statedGrams).toBeCloseTo(226.796, 3);
  });

  it('says what is wrong, and keeps what was typed', () => {
    const { fields, set, save, corrected } = open('1 cup milk');
    set(0, 'some');
    expect(save()).toContain('Write the amount');
    expect(fields[0]!.value).toBe('some');
    set(0, '1');
    set(2, 'no such thing');
    expect(save()).toContain('Choose an ingredient');
    expect(corrected).toEqual([]);
  });
});
