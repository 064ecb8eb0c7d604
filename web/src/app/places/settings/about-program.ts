import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { forkJoin } from 'rxjs';
import { ProgramApi, type Licence } from '../../api/program-api';
import { Retry } from '../../kit/retry/retry';

const NOT_READ = 'The licences can’t be read just now. They need the server.';

/** Which version this is, and the licences of everything that ships with it, once they are wanted. */
@Component({
  selector: 'yg-about-program',
  imports: [Retry],
  template: `
    <details (toggle)="open()">
      <summary>Version and licences</summary>
      @if (problem()) {
        <yg-retry [problem]="problem()" (again)="load()" />
      }
      @if (version(); as it) {
        <p>Ypsigram {{ it }}. It stands on the work of others; these are their licences.</p>
        <ul>
          @for (one of licences(); track one.packages[0]) {
            <li>
              <details>
                <summary>{{ one.packages.join(', ') }}</summary>
                <pre tabindex="0">{{ one.text }}</pre>
              </details>
            </li>
          }
        </ul>
      }
    </details>
  `,
  styles: `
    summary {
      min-height: 2.75rem;
      align-content: center;
      overflow-wrap: anywhere;
    }
    ul {
      padding: 0;
      margin: 0;
      list-style: none;
    }
    pre {
      max-height: 20rem;
      overflow: auto;
      padding: 0.6rem;
      white-space: pre-wrap;
      border: 1px solid var(--yg-rule);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AboutProgram {
  private readonly api = inject(ProgramApi);
  protected readonly version = signal('');
  protected readonly licences = signal<readonly Licence[]>([]);
  protected readonly problem = signal('');

  protected open(): void {
    if (this.version() === '' && this.problem() === '') this.load();
  }

  protected load(): void {
    this.problem.set('');
    forkJoin([this.api.health(), this.api.licences()]).subscribe({
      next: ([{ version }, licences]) => {
        this.licences.set(licences);
        this.version.set(version);
      },
      error: () => this.problem.set(NOT_READ),
    });
  }
}
