import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { v4 as newId } from 'uuid';
import type { ClassDraft, ClassList } from '@ypsigram/contract/practice';
import { PracticeApi } from '../../../api/practice-api';
import { problemOf } from '../../../api/recipes-api';
import { showDay } from '../../../kit/figures/dates';
import { Retry } from '../../../kit/retry/retry';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { PracticeHead } from '../practice-head';
import { ClassEditor } from './class-editor';

const NEW_CLASS: ClassDraft = { name: '', tasks: [] };

/** The classes of this kitchen, and the start of a new one. */
@Component({
  selector: 'yg-classes-page',
  imports: [ClassEditor, PracticeHead, Retry, RouterLink],
  template: `
    <div class="page">
      <yg-practice-head [isOwn]="false" title="Class">
        Set tasks, let everyone fill, and see how near they come. Names stay here and go with the
        class.
      </yg-practice-head>
      @if (problem(); as problem) {
        <yg-retry [problem]="problem" (again)="load()" />
      }
      <div class="whole">
        <section class="enamel" aria-labelledby="new">
          <h2 id="new">Start a class</h2>
          <yg-class-editor [draft]="empty" act="Start the class" (saved)="start($event)" />
        </section>
        <aside class="enamel">
          <h2>Your classes</h2>
          <ul>
            @for (one of shown(); track one.id) {
              <li>
                <a [routerLink]="one.id">{{ one.name }}</a>
                <span class="soft">{{ one.told }}</span>
              </li>
            } @empty {
              <li class="soft">No classes yet.</li>
            }
          </ul>
          <p><a routerLink="/join">Join a class with a code</a></p>
        </aside>
      </div>
    </div>
  `,
  styleUrl: './classes.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassesPage {
  private readonly api = inject(PracticeApi);
  private readonly router = inject(Router);
  private readonly formats = inject(Store).selectSignal(kitchenFeature.selectFormats);

  protected readonly empty = NEW_CLASS;
  protected readonly problem = signal<string | null>(null);
  private readonly classes = signal<ClassList['items']>([]);
  protected readonly shown = computed(() =>
    this.classes().map(({ id, name, createdAt, tasks, people }) => ({
      id,
      name,
      told:
        `${showDay(createdAt, this.formats().dateOrder)}, ` +
        `${tasks === 1 ? '1 task' : `${tasks} tasks`}, ${people === 1 ? '1 person' : `${people} people`}`,
    })),
  );

  constructor() {
    this.load();
  }

  protected load(): void {
    this.api.classes().subscribe({
      next: (classes) => {
        this.classes.set(classes);
        this.problem.set(null);
      },
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  protected start(draft: ClassDraft): void {
    this.api.keepClass(newId(), draft).subscribe({
      next: ({ id }) => void this.router.navigate(['/practice/classes', id]),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }
}
