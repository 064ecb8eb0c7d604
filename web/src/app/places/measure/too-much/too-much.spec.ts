import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { bakeFeature } from '../../../state/bake/bake.feature';
import { bakeOf, benchWith } from '../../../testing/bake';
import { BenchSession } from '../work/bench-session';
import { TooMuch } from './too-much';

describe('too much on the bench', () => {
  let fixture: ComponentFixture<TooMuch>;
  let store: Store;

  const show = (route: Parameters<typeof bakeOf>[0], grams: number): string => {
    ({ store } = benchWith(bakeOf(route), BenchSession));
    fixture = TestBed.createComponent(TooMuch);
    fixture.componentRef.setInput('grams', grams);
    fixture.detectChanges();
    return (fixture.nativeElement as HTMLElement).textContent.replace(/\s+/g, ' ');
  };
  const press = (words: string): void => {
    const buttons = [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')];
    buttons.find((button) => button.textContent.includes(words))!.click();
  };
  const acts = () =>
    store
      .selectSignal(bakeFeature.selectWaiting)()
      .map(({ act }) => act);

  it('says how much it is and whether the bake forgives it', () => {
    expect(show('container', 260)).toContain(
      '10.0 g (about 1 1/2 tbsp) too much: 4.0 % over This bake forgives it.',
    );
    TestBed.resetTestingModule();
    expect(show('container', 300)).toContain('20 % over More than this bake forgives.');
  });

  it('offers to take it out of its own container only', () => {
    expect(show('container', 260)).toContain('Take some out');
    TestBed.resetTestingModule();
    expect(show('tare', 260)).not.toContain('Take some out');
  });

  it('shows the new amounts before anything is chosen', () => {
    expect(show('tare', 275)).toContain('1 still to measure');
    expect((fixture.nativeElement as HTMLElement).textContent).toContain('6.6 g');
    expect(acts()).toEqual([]);
  });

  it('is left as it is, and noted', () => {
    show('tare', 260);
    press('Leave it');
    expect(acts()).toEqual([{ do: 'leave', line: 'flour' }]);
  });

  it('lets the rest follow', () => {
    show('tare', 275);
    press('Scale the rest');
    expect(acts()).toEqual([
      jasmine.objectContaining({ do: 'scale-rest', line: 'flour', times: 1.1, stay: [] }),
    ]);
    expect(TestBed.inject(BenchSession).inOrder()[1]?.wantedGrams).toBeCloseTo(6.6, 9);
  });

  it('plans the fills anew where the rest is filled', () => {
    show('fill', 275);
    press('Scale the rest');
    const [act] = acts();
    expect(act?.do === 'scale-rest' && Object.keys(act.measures)).toEqual(['salt']);
  });

  it('says nothing where nothing is too much', () => {
    expect(show('tare', 250).trim()).toBe('');
  });
});
