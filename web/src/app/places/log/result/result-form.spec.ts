import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { BakeSession } from '../../../state/bake/bake-session';
import { bakeOf, benchWith } from '../../../testing/bake';
import { ResultForm } from './result-form';

describe('how it turned out', () => {
  let fixture: ComponentFixture<ResultForm>;
  let session: BakeSession;
  const element = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const press = (name: string): void => {
    const buttons = [...element().querySelectorAll('button')];
    buttons
      .find((one) => (one.getAttribute('aria-label') ?? one.textContent).trim().startsWith(name))!
      .click();
    fixture.detectChanges();
  };
  const result = () => session.state()!.after.result;

  beforeEach(() => {
    benchWith(bakeOf('container'), BakeSession);
    session = TestBed.inject(BakeSession);
    fixture = TestBed.createComponent(ResultForm);
    fixture.detectChanges();
  });

  it('is two taps and kept at once', () => {
    press('2 of 5');
    press('dense');
    expect(result()).toEqual({ rating: 2, symptoms: ['dense'], note: '', isWasted: false });
    expect(element().textContent).toContain('Eaten, not liked');
  });

  it('is taken back by the same tap', () => {
    press('4 of 5');
    press('4 of 5');
    press('dry');
    press('dry');
    expect(result()).toEqual({ rating: null, symptoms: [], note: '', isWasted: false });
  });

  it('has a note, and says when the batch was thrown away', () => {
    const note = element().querySelector('textarea')!;
    note.value = 'Less milk.';
    note.dispatchEvent(new Event('change'));
    const wasted = element().querySelector<HTMLInputElement>('input[type=checkbox]')!;
    wasted.click();
    expect(result()).toEqual(jasmine.objectContaining({ note: 'Less milk.', isWasted: true }));
  });

  it('offers only what such a bake can have', () => {
    expect(element().textContent).not.toContain('long tunnels inside');
    expect(element().textContent).toContain('dense');
  });
});
