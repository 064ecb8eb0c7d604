import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { HOUSE_CERTIFICATE, HouseApi } from '../../../api/house-api';
import { problemOf } from '../../../api/recipes-api';
import { problemIn, rule, written } from '../../../kit/forms/rules';
import { RELOADING } from './reloading';

const DIGITS = 8;
/** A screen whose shorter side is less than this is a phone's, or else a tablet's if it is touched. */
const PHONE_PIXELS = 600;

/** What this device is likely called at home. */
function likelyName(): string {
  const { width, height } = window.screen;
  if (Math.min(width, height) < PHONE_PIXELS) return 'Phone';
  return matchMedia('(pointer: coarse)').matches ? 'Tablet' : 'Laptop';
}

/** The digits that stand behind the # of a scanned address. */
const scannedPasscode = (): string => /^#(\d{8})$/.exec(window.location.hash)?.[1] ?? '';

/** For a device that comes in for the first time: the passcode, and a name for it. */
@Component({
  selector: 'yg-pair-page',
  imports: [ReactiveFormsModule],
  template: `
    <div class="page enamel">
      <h1>Pair this device</h1>
      <p>
        Recipes, bakes and tools of this house open on it from then on. The passcode stands on the
        machine that Ypsigram runs on: where it was started, and in its settings under Devices.
      </p>
      <form class="fields" [formGroup]="form" (ngSubmit)="pair()">
        <label>
          <span>Passcode, eight digits</span>
          <input
            class="form-control passcode"
            formControlName="passcode"
            inputmode="numeric"
            autocomplete="one-time-code"
            maxlength="12"
          />
        </label>
        <label>
          <span>Name of this device</span>
          <input class="form-control" formControlName="name" maxlength="60" autocomplete="off" />
        </label>
        <button class="btn btn-primary" [disabled]="isAsking()">Pair</button>
      </form>
      <p class="problem" role="alert">{{ problem() }}</p>
      <details>
        <summary>The browser warned of the certificate</summary>
        <p>
          The machine in your kitchen made it by itself, so no browser knows it. To be asked no
          more, and to open Ypsigram without the network, let this device trust
          <a [href]="certificate" download>the certificate of this house</a>: open the file, and
          compare its fingerprint with the one in the settings. It can vouch for addresses of homes
          only.
        </p>
      </details>
    </div>
  `,
  styleUrl: './pair.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PairPage {
  /** From the address: where to go on. */
  readonly then = input<string>();

  private readonly api = inject(HouseApi);
  private readonly open = inject(RELOADING);

  protected readonly certificate = HOUSE_CERTIFICATE;
  protected readonly isAsking = signal(false);
  protected readonly problem = signal<string | null>(null);
  protected readonly form = new FormGroup({
    passcode: new FormControl(scannedPasscode(), {
      nonNullable: true,
      validators: rule(
        (typed) => typed.replace(/\D/g, '').length === DIGITS,
        'A passcode has eight digits. For example: 3093 2449.',
      ),
    }),
    name: new FormControl(likelyName(), {
      nonNullable: true,
      validators: written('Give this device a name, so that you know it in the list.'),
    }),
  });

  protected pair(): void {
    this.problem.set(problemIn(this.form));
    if (this.problem() !== null || this.isAsking()) return;
    this.isAsking.set(true);
    this.api.pair(this.form.getRawValue()).subscribe({
      // Everything is asked for anew, by a device that may have it now.
      next: () => this.open(ownPlace(this.then())),
      error: (error: unknown) => {
        this.isAsking.set(false);
        this.problem.set(problemOf(error));
      },
    });
  }
}

/** Only a place of this very app, whatever an address says. */
const ownPlace = (then: string | undefined): string =>
  then && /^\/(?![/\\])/.test(then) ? then : '/recipes';
