import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { BatchControl } from './batch-control';

describe('BatchControl', () => {
  let fixture: ComponentFixture<BatchControl>;
  let changes: string[];

  beforeEach(() => {
    fixture = TestBed.createComponent(BatchControl);
    fixture.componentRef.setInput('factor', '1');
    changes = [];
    fixture.componentInstance.typing.subscribe((factor) => changes.push(factor));
    fixture.detectChanges();
  });

  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const type = (text: string): void => {
    const field = element().querySelector('input')!;
    field.value = text;
    field.dispatchEvent(new Event('input'));
    fixture.detectChanges();
  };

  it('passes a sensible factor on, as typed', () => {
    type('1,5');
    expect(changes).toEqual(['1,5']);
  });

  it('is dragged in eighths', () => {
    const slider = element().querySelector<HTMLInputElement>('input[type=range]')!;
    expect(slider.value).toBe('8');
    slider.value = '12';
    slider.dispatchEvent(new Event('input'));
    expect(changes).toEqual(['3/2']);
  });

  it('keeps a wrong entry to be mended and passes nothing on', () => {
    type('0');
    expect(changes).toEqual([]);
    expect(element().querySelector('input')!.value).toBe('0');
    expect(element().textContent).toContain('Write a factor above 0');
    expect(element().querySelector('input')!.getAttribute('aria-invalid')).toBe('true');
  });

  it('marks the factor in force among the quick ones, however it was written', () => {
    fixture.componentRef.setInput('factor', '2.0');
    fixture.detectChanges();
    const pressed = [...element().querySelectorAll('[aria-pressed=true]')];
    expect(pressed.map(({ textContent }) => textContent?.trim())).toEqual(['×2']);
  });
});
