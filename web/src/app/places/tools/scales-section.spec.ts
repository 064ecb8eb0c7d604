import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { USUAL_KITCHEN, type KitchenScale } from '@ypsigram/contract';
import { BEAM_NOTCH_GRAMS } from '@ypsigram/core/drawer';
import { typeInto } from '../../testing/type-into';
import { ScalesSection } from './scales-section';

const BEAM: KitchenScale = {
  name: 'old beam',
  kind: 'beam',
  capacityGrams: 4535.9237,
  gridGrams: BEAM_NOTCH_GRAMS,
  units: ['oz'],
  hasTare: false,
};

describe('the scales of the drawer', () => {
  let fixture: ComponentFixture<ScalesSection>;
  let kept: KitchenScale[];

  beforeEach(() => {
    kept = [];
    fixture = TestBed.createComponent(ScalesSection);
    fixture.componentRef.setInput('owned', [...USUAL_KITCHEN.scales, BEAM]);
    fixture.componentInstance.kept.subscribe((scale) => kept.push(scale));
    fixture.detectChanges();
  });

  const page = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const press = (name: string): void => {
    const buttons = [...page().querySelectorAll('button')];
    buttons.find(({ textContent }) => textContent?.trim() === name)!.click();
    fixture.detectChanges();
  };
  const type = (label: string, text: string): void => {
    const found = [...page().querySelectorAll('label')].find(({ textContent }) =>
      textContent?.trim().startsWith(label),
    )!;
    const field = found.querySelector<HTMLInputElement | HTMLSelectElement>('input, select')!;
    typeInto(field, text);
    fixture.detectChanges();
  };

  it('say what they can do', () => {
    expect(page().textContent).toContain('steps of 1 g up to 5000 g, shows g, oz, lb:oz, mL');
    expect(page().textContent).toContain('by quarter ounces up to 10 lb');
  });

  it('tell how a beam is set for a mass', () => {
    type('To weigh', '500');
    expect(page().textContent).toContain('1 lb of loose weights, poise at 1 3/4 oz');
    type('To weigh', '120');
    expect(page().textContent).toContain('no loose weight, poise at 4 1/4 oz');
  });

  it('are added by their step and what they carry', () => {
    press('Add a scale');
    type('Name', 'jewel scale');
    type('Step', '0,01');
    type('Most it can weigh', '200');
    press('Add scale');
    expect(kept).toEqual([
      {
        name: 'jewel scale',
        kind: 'kitchen',
        capacityGrams: 200,
        gridGrams: 0.01,
        units: ['g', 'oz', 'lb-oz', 'ml'],
        hasTare: true,
      },
    ]);
  });

  it('ask for a beam’s capacity in pounds, and for no step', () => {
    press('Add a scale');
    type('Kind of scale', 'beam');
    type('Name', 'shop beam');
    type('Most it can weigh, lb', '20');
    press('Add scale');
    expect(kept[0]?.capacityGrams).toBeCloseTo(9071.8474, 4);
    expect(kept[0]).toEqual(
      jasmine.objectContaining({ gridGrams: BEAM_NOTCH_GRAMS, hasTare: false }),
    );
  });

  it('refuse what is no scale', () => {
    press('Add a scale');
    type('Name', 'kitchen scale');
    press('Add scale');
    expect(page().textContent).toContain('There is already a “kitchen scale”.');
    type('Name', 'another');
    type('Step', '0');
    press('Add scale');
    expect(page().textContent).toContain('Write its step in grams');
    expect(kept).toEqual([]);
  });
});
