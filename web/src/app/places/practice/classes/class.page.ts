import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { slipMessage, withPoint } from '@ypsigram/contract';
import { lookMessage, type ClassDraft } from '@ypsigram/contract/practice';
import { writeCsv } from '@ypsigram/core/formats';
import { classSpread, shownCode } from '@ypsigram/core/practice';
import { HouseApi } from '../../../api/house-api';
import { heightOfRows, rowsChart } from '../../../kit/chart/rows-chart';
import { decimal, grams, signedPercent } from '../../../kit/figures/figures';
import { Icon } from '../../../kit/icon/icon';
import { Picture } from '../../../kit/picture/picture';
import { download } from '../../../kit/picture/download';
import { QrCode } from '../../../kit/qr-code/qr-code';
import { Retry } from '../../../kit/retry/retry';
import { TakeReading } from '../../../scale/take-reading';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { PracticeHead } from '../practice-head';
import { ClassEditor } from './class-editor';
import { ClassRoom } from './class-room';
import { aimOf, targetOf, taskName } from './class-task';
import { Opened } from '../../../kit/opened/opened';

const COLUMNS = ['task', 'name', 'grams', 'target', 'off %', 'good', 'at'];

/** A class under way: its code, its tasks, and what everybody weighed. */
@Component({
  selector: 'yg-class-page',
  imports: [
    Opened,
    ClassEditor,
    Icon,
    Picture,
    PracticeHead,
    QrCode,
    Retry,
    RouterLink,
    TakeReading,
  ],
  templateUrl: './class.page.html',
  styleUrl: './class.page.scss',
  providers: [ClassRoom],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassPage {
  protected readonly shownCode = shownCode;

  readonly id = input.required<string>();

  protected readonly room = inject(ClassRoom);
  private readonly router = inject(Router);
  private readonly house = inject(HouseApi);
  private readonly shelf = inject(Store).selectSignal(selectShelf);
  private readonly addresses = signal<readonly string[]>([]);

  protected readonly of = this.room.of;
  protected readonly isEditing = signal(false);
  protected readonly isRemoving = signal(false);
  protected readonly problem = signal<string | null>(null);

  /** Where others join; null while no other device reaches this server. */
  protected readonly joinAddress = computed(() => {
    const code = this.of()?.code;
    const origin = this.addresses()[0];
    return code && origin ? `${origin}/join/${code}` : null;
  });
  protected readonly tasks = computed(() =>
    (this.of()?.tasks ?? []).map((task) => ({
      task,
      id: task.id,
      name: taskName(task, this.shelf()),
      aim: aimOf(task),
      results: this.of()!.results.filter(({ taskId }) => taskId === task.id).length,
    })),
  );
  private readonly firstTask = computed(() => this.tasks()[0]?.id ?? null);
  protected readonly taskId = linkedSignal<string | null>(() => this.firstTask());
  protected readonly task = computed(
    () => this.tasks().find(({ id }) => id === this.taskId()) ?? this.tasks()[0] ?? null,
  );
  private readonly spread = computed(() => {
    const [now, chosen] = [this.of(), this.task()];
    if (!now || !chosen) return null;
    const results = now.results.filter(({ taskId }) => taskId === chosen.id);
    return classSpread(results, targetOf(chosen.task, this.shelf()));
  });
  /** What everybody weighed, the latest first. */
  protected readonly rows = computed(() =>
    (this.spread()?.results ?? [])
      .map(({ result, off, isGood, look, slip }) => ({
        id: result.id,
        name: result.name,
        grams: grams(result.grams),
        off: signedPercent(off),
        isGood,
        why: look ? lookMessage(look) : slip ? slipMessage(slip) : '',
      }))
      .reverse(),
  );
  protected readonly told = computed(() => {
    const spread = this.spread();
    if (!spread || spread.meanGrams === null) return null;
    const { length } = spread.results;
    const scatter =
      spread.spread === null ? '' : `, scatter ${signedPercent(spread.spread).slice(1)}`;
    return `${spread.good} of ${length} good. Mean ${grams(spread.meanGrams)} g${scatter}.`;
  });
  protected readonly picture = computed(() => {
    const [spread, chosen] = [this.spread(), this.task()];
    if (!spread || !chosen || spread.results.length === 0) return null;
    const { grams: target, tolerance } = chosen.task;
    const dots = spread.results.map(({ result, isGood }) => ({
      at: result.grams,
      isHollow: !isGood,
    }));
    const row = { label: 'everyone', look: 0, mean: spread.meanGrams, interval: null, dots };
    const marks = [
      { at: target, label: 'target' },
      { at: target * (1 - tolerance), label: 'from' },
      { at: target * (1 + tolerance), label: 'to' },
    ];
    return {
      options: rowsChart([row], marks, 'grams'),
      height: heightOfRows(2),
      table: {
        columns: ['name', 'grams', 'off'],
        rows: this.rows().map(({ name, grams: weight, off }) => [name, weight, off]),
      },
    };
  });
  protected readonly names = computed(() => [
    ...new Set((this.of()?.results ?? []).map(({ name }) => name)),
  ]);

  constructor() {
    effect(() => {
      const id = this.id();
      untracked(() => this.room.open(id));
    });
    this.house.read().subscribe({
      next: ({ addresses }) => this.addresses.set(addresses),
      // The code stands there in any case.
      error: () => this.addresses.set([]),
    });
  }

  protected add(name: string, weight: number | null): boolean {
    const [called, chosen] = [name.trim(), this.task()];
    this.problem.set(
      called === ''
        ? 'Write a name first: any that the class knows them by.'
        : !weight
          ? 'Write the weight in grams. For example: 131.'
          : null,
    );
    if (this.problem() !== null || !chosen) return false;
    this.room.add(chosen.id, called, weight!);
    return true;
  }

  protected addTyped(name: HTMLInputElement, weight: HTMLInputElement): void {
    if (!this.add(name.value, decimal(weight.value))) return;
    name.value = '';
    weight.value = '';
    name.focus();
  }

  protected change(draft: ClassDraft): void {
    this.room.keep(this.id(), draft);
    this.isEditing.set(false);
  }

  protected remove(): void {
    this.room.remove(() => void this.router.navigate(['/practice/classes']));
  }

  protected reload(): void {
    this.room.open(this.id());
  }

  protected saveCsv(): void {
    const now = this.of();
    if (!now) return;
    const rows = now.tasks.flatMap((task) =>
      classSpread(
        now.results.filter(({ taskId }) => taskId === task.id),
        targetOf(task, this.shelf()),
      ).results.map(({ result, off, isGood }) => ({
        task: taskName(task, this.shelf()),
        name: result.name,
        grams: String(result.grams),
        target: String(Number(task.grams.toFixed(2))),
        'off %': withPoint((100 * off).toFixed(1)),
        good: isGood ? 'yes' : '',
        at: result.at,
      })),
    );
    download(`${now.name}.csv`, 'text/csv', writeCsv(COLUMNS, rows));
  }
}
