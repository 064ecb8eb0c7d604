import { TestBed } from '@angular/core/testing';
import { HttpErrorResponse } from '@angular/common/http';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { of, throwError } from 'rxjs';
import type { TrialDraft, TrialRecord } from '@ypsigram/contract';
import { TrialsApi } from '../../api/trials-api';
import * as effects from './trials.effects';
import { trialsActions, trialsFeature } from './trials.feature';

const DRAFT: TrialDraft = {
  handId: '00000000-0000-4000-8000-000000000001',
  ingredientId: 'honey',
  form: null,
  method: 'poured',
  tool: '1 cup',
  millilitres: 236.5882365,
  grams: 339,
  at: '2026-03-14T09:30:00Z',
  source: 'typed',
};
const TRIAL: TrialRecord = {
  ...DRAFT,
  id: '00000000-0000-4000-8000-000000000101',
  conditions: '',
  verdict: null,
  importId: null,
  revision: 1,
};

describe('saving trials', () => {
  let api: jasmine.SpyObj<TrialsApi>;
  let store: Store;

  beforeEach(() => {
    api = jasmine.createSpyObj<TrialsApi>('api', [
      'list',
      'create',
      'replace',
      'remove',
      'restore',
      'removeImport',
    ]);
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(trialsFeature),
        provideEffects(effects),
        { provide: TrialsApi, useValue: api },
      ],
    });
    store = TestBed.inject(Store);
    api.create.and.returnValue(of(TRIAL));
  });

  const state = () => store.selectSignal(trialsFeature.selectTrialsState)();
  const trials = () => store.selectSignal(trialsFeature.selectTrials)();
  const takeBack = () =>
    store.dispatch(trialsActions.changeTakenBack({ undo: state().past.at(-1)! }));

  it('keeps what was weighed, and takes it back', () => {
    api.remove.and.returnValue(of(undefined));
    store.dispatch(trialsActions.trialMade({ draft: DRAFT }));
    expect(trials()).toEqual([TRIAL]);
    takeBack();
    expect(api.remove).toHaveBeenCalledWith(TRIAL.id);
    expect(trials()).toEqual([]);
    expect(state().past).toEqual([]);
  });

  it('sets a trial aside by its newest revision, and back', () => {
    store.dispatch(trialsActions.trialMade({ draft: DRAFT }));
    api.replace.and.callFake((id, said) =>
      of({ ...TRIAL, ...said, id, revision: said.revision + 1 } as TrialRecord),
    );
    store.dispatch(trialsActions.trialJudged({ trial: TRIAL, by: { verdict: 'aside' } }));
    expect(trials()[0]?.verdict).toBe('aside');
    takeBack();
    expect(api.replace.calls.mostRecent().args[1].revision).toBe(2);
    expect(trials()[0]?.verdict).toBeNull();
  });

  it('deletes a trial, and brings it back', () => {
    api.remove.and.returnValue(of(undefined));
    api.restore.and.returnValue(of(TRIAL));
    store.dispatch(trialsActions.trialMade({ draft: DRAFT }));
    store.dispatch(trialsActions.trialDeleted({ trial: TRIAL }));
    expect(trials()).toEqual([]);
    takeBack();
    expect(trials()).toEqual([TRIAL]);
  });

  it('takes a whole table back', () => {
    api.list.and.returnValues(of([TRIAL]), of([]));
    api.removeImport.and.returnValue(of(undefined));
    store.dispatch(trialsActions.tableCameIn({ importId: 'import' }));
    expect(trials()).toEqual([TRIAL]);
    takeBack();
    expect(api.removeImport).toHaveBeenCalledWith('import');
    expect(trials()).toEqual([]);
  });

  it('says what went wrong, and goes on', () => {
    const gone = new HttpErrorResponse({
      status: 404,
      error: { detail: 'There is no such trial.' },
    });
    api.remove.and.returnValue(throwError(() => gone));
    store.dispatch(trialsActions.trialDeleted({ trial: TRIAL }));
    expect(state().problem).toBe('There is no such trial.');
    store.dispatch(trialsActions.trialMade({ draft: DRAFT }));
    expect(state().problem).toBeNull();
  });
});
