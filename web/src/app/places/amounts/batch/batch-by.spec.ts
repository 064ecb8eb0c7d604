import { usualRecipe } from '../../../testing/read';
import { TestBed } from '@angular/core/testing';
import type { Holds } from '@ypsigram/core/factor';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { BatchBy } from './batch-by';

const BUNS = 'Buns\nMakes 12 buns\n500 g bread flour\n300 g water\n2 eggs';

describe('BatchBy', () => {
  const open = (text = BUNS) => {
    const fixture = TestBed.createComponent(BatchBy);
    fixture.componentRef.setInput('size', usualRecipe(text).size);
    fixture.componentRef.setInput('shelf', BUILT_IN_SHELF);
    const factors: string[] = [];
    fixture.componentInstance.changed.subscribe(({ factor }) => factors.push(factor));
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const change = (field: HTMLInputElement | HTMLSelectElement, value: string): void => {
      field.value = value;
      field.dispatchEvent(new Event('change'));
      fixture.detectChanges();
    };
    const by = (way: string): void => change(element.querySelector('select')!, way);
    const type = (at: number, value: string): void =>
      change(element.querySelectorAll('input')[at]!, value);
    const says = (): string => element.textContent!;
    const hold = (holds: Holds): void => {
      fixture.componentRef.setInput('holds', holds);
      fixture.detectChanges();
    };
    return { by, type, says, hold, factors, element, fixture };
  };

  it('turns pieces, eggs and grams into an exact factor', () => {
    const { by, type, factors } = open();
    by('pieces');
    type(0, '18');
    by('eggs');
    type(0, '3');
    by('total');
    type(0, '1800');
    expect(factors).toEqual(['3/2', '3/2', '2']);
  });

  it('names what there is least of', () => {
    const { by, type, says, factors } = open();
    by('limit');
    type(0, '250');
    expect(factors).toEqual(['1/2']);
    expect(says()).toContain('Bread flour runs out first.');
  });

  it('goes from its pan to mine', () => {
    const { by, type, factors } = open();
    by('pan');
    type(2, '30');
    expect(factors).toEqual(['9/4']);
  });

  it('says why a batch can’t be set so', () => {
    const { by, type, says, factors } = open('1 cup milk');
    by('pieces');
    type(0, '18');
    expect(says()).toContain('does not say how many');
    by('eggs');
    type(0, '2');
    expect(says()).toContain('no whole eggs');
    type(0, 'some');
    expect(says()).toContain('a number above 0');
    expect(factors).toEqual([]);
  });

  it('fills a tray of moulds from a tin in inches', () => {
    const { by, type, factors, element } = open();
    by('pan');
    const [, unit, , to] = [...element.querySelectorAll('select')];
    const choose = (field: HTMLSelectElement, value: string): void => {
      field.value = value;
      field.dispatchEvent(new Event('change'));
    };
    choose(unit!, 'inch');
    choose(to!, 'moulds');
    type(0, '8');
    type(1, '2');
    type(2, '12');
    type(3, '80');
    // A round of 8 by 2 inches holds 1647 ml, twelve moulds of 80 ml hold 960.
    expect(Number(factors.at(-1))).toBeCloseTo(960 / 1647.4, 3);
  });

  it('starts from the pan that the recipe names, and shows what was set again', () => {
    const { by, element, fixture } = open();
    fixture.componentRef.setInput('recipePan', {
      shape: 'round',
      count: 1,
      lengthCm: 23,
      widthCm: null,
      heightCm: null,
      written: '23 cm tin',
    });
    by('pan');
    fixture.detectChanges();
    const values = () =>
      [...element.querySelectorAll<HTMLInputElement>('input')].map(({ value }) => value);
    expect(values()).toEqual(['23', '5', '23', '5']);
    fixture.componentRef.setInput('asked', {
      by: 'pan',
      from: { shape: 'round', diameterCm: 23, heightCm: 5 },
      to: { shape: 'round', diameterCm: 20, heightCm: 5 },
    });
    fixture.detectChanges();
    expect(values()).toEqual(['23', '5', '20', '5']);
  });

  it('goes by full loads once bowl or oven are known', () => {
    const { by, type, factors, says, hold } = open();
    by('loads');
    type(0, '3');
    expect(says()).toContain('First say under');
    hold({ bowlMillilitres: null, piecesPerLoad: 8 });
    type(0, '3');
    expect(factors).toEqual(['2']);
  });
});
