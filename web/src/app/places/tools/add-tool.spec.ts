import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { KitchenTool } from '@ypsigram/contract';
import { AddTool } from './add-tool';

describe('AddTool', () => {
  let fixture: ComponentFixture<AddTool>;
  let added: KitchenTool[];

  beforeEach(() => {
    fixture = TestBed.createComponent(AddTool);
    fixture.componentRef.setInput('taken', ['1 cup']);
    added = [];
    fixture.componentInstance.added.subscribe((tool) => added.push(tool));
    fixture.detectChanges();
  });

  const submit = (name: string, size: string): string => {
    const element = fixture.nativeElement as HTMLElement;
    const [nameField, sizeField] = element.querySelectorAll('input');
    for (const [field, value] of [
      [nameField!, name],
      [sizeField!, size],
    ] as const) {
      field.value = value;
      field.dispatchEvent(new Event('input'));
    }
    element.querySelector('form')!.dispatchEvent(new Event('submit'));
    fixture.detectChanges();
    return element.querySelector('.problem')!.textContent.trim();
  };

  it('adds a mug by what it holds', () => {
    expect(submit(' blue mug ', '310')).toBe('');
    expect(added).toEqual([
      {
        name: 'blue mug',
        kind: 'cup',
        nominal: '310',
        unit: 'ml',
        set: null,
        aside: false,
        calibration: null,
      },
    ]);
  });

  it('takes sizes as bakers write them', () => {
    submit('a', '1 1/2');
    submit('b', '2,5');
    expect(added.map(({ nominal }) => nominal)).toEqual(['1 1/2', '2 1/2']);
  });

  it('says what is missing, and adds nothing', () => {
    expect(submit('', '310')).toContain('Give the tool a name');
    expect(submit('1 cup', '310')).toContain('There is already a “1 cup”');
    expect(submit('mug', 'large')).toContain('Write its size as a number');
    expect(submit('mug', '0')).toContain('Write its size as a number');
    expect(added).toEqual([]);
  });
});
