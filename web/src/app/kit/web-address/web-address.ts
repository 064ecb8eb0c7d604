import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  inject,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import type { Subscription } from 'rxjs';
import type { WebPageReply } from '@ypsigram/contract';
import { FilesApi } from '../../api/files-api';
import { unharmed } from '../../api/unharmed';
import { problemOf } from '../../api/recipes-api';

const NOTHING = { isOn: true, samples: [] };

/** Gets the recipes of a web page by its address. */
@Component({
  selector: 'yg-web-address',
  imports: [RouterLink],
  templateUrl: './web-address.html',
  styleUrl: './web-address.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WebAddress {
  private readonly api = inject(FilesApi);

  /** The address that was pasted already, if any. */
  readonly address = input('');
  readonly got = output<WebPageReply>();
  readonly cancelled = output();

  protected readonly typed = linkedSignal(() => this.address().trim());
  protected readonly problem = signal<string | null>(null);
  protected readonly getting = signal<Subscription | null>(null);
  protected readonly state = toSignal(
    this.api.webPages().pipe(unharmed('a page that is asked for says what is wrong')),
    {
      initialValue: NOTHING,
    },
  );

  constructor() {
    inject(DestroyRef).onDestroy(() => this.getting()?.unsubscribe());
  }

  protected get(event: Event): void {
    event.preventDefault();
    this.stop();
    this.problem.set(null);
    this.getting.set(
      this.api.webPage(this.typed()).subscribe({
        next: (reply) => {
          this.getting.set(null);
          this.got.emit(reply);
        },
        error: (error: unknown) => {
          this.getting.set(null);
          this.problem.set(problemOf(error));
        },
      }),
    );
  }

  protected stop(): void {
    this.getting()?.unsubscribe();
    this.getting.set(null);
  }
}
