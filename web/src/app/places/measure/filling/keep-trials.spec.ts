import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { USUAL_KITCHEN, type TrialDraft } from '@ypsigram/contract';
import { bakeOf, benchWith } from '../../../testing/bake';
import { kitchenActions } from '../../../state/kitchen/kitchen.actions';
import { trialsActions } from '../../../state/trials/trials.feature';
import { BenchSession } from '../work/bench-session';
import { KeepTrials } from './keep-trials';

const GREBE = '00000000-0000-4000-8000-0000000000a1';

describe('what a cup gave', () => {
  const open = (handId: string | null, grams: number | null) => {
    const { store } = benchWith(bakeOf('fill'), BenchSession);
    const kitchen = { ...USUAL_KITCHEN, hands: [{ id: GREBE, name: 'Grebe' }], handId };
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen }));
    const session = TestBed.inject(BenchSession);
    for (const each of [grams, grams]) {
      session.do({ do: 'fill', line: 'flour', tool: '1 cup', grams: each, scale: 's' });
    }
    const fixture = TestBed.createComponent(KeepTrials);
    fixture.componentRef.setInput('line', session.inOrder()[0]);
    fixture.detectChanges();
    return { fixture, store, element: fixture.nativeElement as HTMLElement };
  };

  it('is offered as trials of the hand, once', () => {
    const { element, fixture, store } = open(GREBE, 131);
    expect(element.textContent).toContain('1 cup gave 131 g on average.');
    const dispatch = spyOn(TestBed.inject(Store), 'dispatch').and.callThrough();
    element.querySelector('button')!.click();
    const drafts = dispatch.calls
      .allArgs()
      .map(([action]) => (action as unknown as { draft: TrialDraft }).draft);
    expect(drafts.map(({ grams, method, source }) => [grams, method, source])).toEqual([
      [131, 'spooned', 'scale'],
      [131, 'spooned', 'scale'],
    ]);
    expect(drafts[0]!.millilitres).toBeCloseTo(236.588, 2);
    const trials = drafts.map((draft, at) => ({
      ...draft,
      id: String(at),
      conditions: '',
      verdict: null,
      importId: null,
      revision: 1,
    }));
    store.dispatch(trialsActions.trialsLoaded({ trials }));
    fixture.detectChanges();
    expect(element.textContent).toContain('Added to Grebe’s hand.');
    expect(element.querySelector('button')).toBeNull();
  });

  it('is not offered where nobody measured, or nothing was weighed', () => {
    expect(open(null, 131).element.textContent.trim()).toBe('');
    TestBed.resetTestingModule();
    expect(open(GREBE, null).element.textContent.trim()).toBe('');
  });
});
