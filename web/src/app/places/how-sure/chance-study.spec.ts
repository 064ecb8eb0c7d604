import { TestBed } from '@angular/core/testing';
import { Store, provideState, provideStore } from '@ngrx/store';
import { simulate, whereWeighingPays } from '@ypsigram/core/chance';
import { authorsFeature } from '../../state/authors/authors.feature';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { recipeActions } from '../../state/recipe/recipe.actions';
import { learnedFeature } from '../../state/learned/learned.feature';
import { recipeFeature } from '../../state/recipe/recipe.feature';
import { EMPTY_DRAFT } from '../../state/recipe/draft';
import { trialsFeature } from '../../state/trials/trials.feature';
import { ChanceRuns, type ChanceOrder, type ChancePart } from '../../workers/chance-runs';
import { ChanceStudy } from './chance-study';

interface Run {
  readonly job: ChanceOrder;
  readonly tell: (part: ChancePart) => void;
}

const REST_MILLISECONDS = 100;

describe('a study of chances', () => {
  let runs: Run[];
  let isStopped: boolean;
  let study: ChanceStudy;
  let store: Store;

  const partOf = ({ lines, others, options, wanted }: ChanceOrder, bakes: number): ChancePart => ({
    now: simulate(lines, { ...options, bakes }),
    others: others.map((other) => simulate(other, { ...options, bakes })),
    pays: whereWeighingPays(lines, wanted, { ...options, bakes }),
    learn: null,
    isDone: bakes === options.bakes,
  });
  const rest = (): void => {
    TestBed.tick();
    jasmine.clock().tick(REST_MILLISECONDS);
  };
  const newest = (): Run => runs.at(-1)!;

  beforeEach(() => {
    jasmine.clock().install().mockDate();
    runs = [];
    isStopped = false;
    const fake: Pick<ChanceRuns, 'run' | 'stop'> = {
      run: (job, tell) => {
        runs.push({ job, tell });
        return new Promise(() => undefined);
      },
      stop: () => {
        isStopped = true;
      },
    };
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(kitchenFeature),
        provideState(trialsFeature),
        provideState(authorsFeature),
        provideState(recipeFeature),
        provideState(learnedFeature),
        { provide: ChanceRuns, useValue: fake },
        ChanceStudy,
      ],
    });
    store = TestBed.inject(Store);
    const text = 'Rounds\n3 cups all-purpose flour\n1 cup milk\n1 tsp salt';
    store.dispatch(recipeActions.newRecipeOpened({ draft: { ...EMPTY_DRAFT, text } }));
    study = TestBed.inject(ChanceStudy);
    study.bakes.set(1000);
    rest();
  });

  afterEach(() => jasmine.clock().uninstall());

  it('bakes the open recipe, and once for changes in quick succession', () => {
    expect(runs.length).toBe(1);
    expect(newest().job.lines.length).toBe(3);
    study.seed.set(2);
    TestBed.tick();
    study.seed.set(3);
    rest();
    expect(runs.length).toBe(2);
    expect(newest().job.options.seed).toBe(3);
  });

  it('keeps what is shown until something newer is known, and hears no more of what is over', () => {
    const first = newest();
    first.tell(partOf(first.job, 1000));
    const shown = study.result();
    store.dispatch(recipeActions.linesWeighed({ lines: ['1', '2', '3'] }));
    rest();
    expect(study.result()).toBe(shown);
    first.tell(partOf(first.job, 1000));
    expect(study.result()).toBe(shown);
    newest().tell(partOf(newest().job, 1000));
    expect(study.result()!.now.good).toBeGreaterThan(shown!.now.good);
  });

  it('does not count up anew when only the question changes', () => {
    const { job, tell } = newest();
    tell(partOf(job, 1000));
    const { now } = study.result()!;
    study.wanted.set(0.8);
    rest();
    const part = partOf(newest().job, 200);
    newest().tell({ ...part, pays: null });
    expect(study.result()!.now).toBe(now);
    expect(study.result()!.isFresh).toBeFalse();
    newest().tell(part);
    expect(study.result()!.pays).toBe(part.pays);
    expect(study.result()!.isFresh).toBeTrue();
  });

  it('draws pictures of the first bakes, of twice as many, and of all', () => {
    study.bakes.set(1500);
    rest();
    const drawn: number[] = [];
    for (const bakes of [200, 300, 400, 900, 1500]) {
      newest().tell(partOf(newest().job, bakes));
      drawn.push(study.pictured()!.now.bakes);
    }
    expect(drawn).toEqual([200, 200, 400, 900, 1500]);
  });

  it('is stopped, and says so until it bakes again', () => {
    newest().tell(partOf(newest().job, 500));
    expect(study.progress()).toBe(0.5);
    study.stop();
    expect(isStopped).toBeTrue();
    expect(study.isRunning()).toBeFalse();
    expect(study.wasStopped()).toBeTrue();
    study.again();
    expect(runs.length).toBe(2);
    expect(study.wasStopped()).toBeFalse();
  });

  it('has nothing to say of nothing', () => {
    newest().tell(partOf(newest().job, 1000));
    const last = newest();
    store.dispatch(
      recipeActions.textEdited({ text: 'only words', carried: { methods: {}, lines: {} } }),
    );
    rest();
    expect(study.result()).toBeNull();
    expect(isStopped).toBeTrue();
    last.tell(partOf(last.job, 1000));
    expect(study.result()).toBeNull();
    expect(study.isRunning()).toBeFalse();
  });
});
