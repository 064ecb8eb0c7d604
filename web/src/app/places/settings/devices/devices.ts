import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Observable } from 'rxjs';
import type { Device, House } from '@ypsigram/contract/house';
import { HOUSE_CERTIFICATE, HouseApi } from '../../../api/house-api';
import { problemOf } from '../../../api/recipes-api';
import { showDay } from '../../../kit/figures/dates';
import { Icon } from '../../../kit/icon/icon';
import { QrCode } from '../../../kit/qr-code/qr-code';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { RELOADING } from './reloading';

/** The other devices of the house: whether they come in, with which passcode, and which did. */
@Component({
  selector: 'yg-devices',
  imports: [Icon, QrCode],
  templateUrl: './devices.html',
  styleUrl: './devices.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DevicesPanel {
  private readonly api = inject(HouseApi);
  private readonly open = inject(RELOADING);
  private readonly dateOrder = inject(Store).selectSignal(kitchenFeature.selectFormats);

  protected readonly certificate = HOUSE_CERTIFICATE;
  protected readonly house = signal<House | null>(null);
  protected readonly isAsking = signal(false);
  protected readonly problem = signal<string | null>(null);
  /** Removed in this visit: each can be brought back. */
  protected readonly removed = signal<readonly Device[]>([]);

  /** What a new device scans: the address, and the passcode behind the #, which is never sent. */
  protected readonly toScan = computed(() => {
    const { addresses = [], passcode } = this.house() ?? {};
    return addresses[0] && passcode ? `${addresses[0]}/pair#${passcode.replace(/\D/g, '')}` : null;
  });
  protected readonly devices = computed(() =>
    (this.house()?.devices ?? []).map((device) => ({
      device,
      seen: showDay(new Date(device.lastSeenAt), this.dateOrder().dateOrder),
    })),
  );

  constructor() {
    this.ask(this.api.read());
  }

  protected set(isOpen: boolean): void {
    this.ask(this.api.set(isOpen));
  }

  protected renew(): void {
    this.ask(this.api.renewPasscode());
  }

  protected remove(device: Device): void {
    this.problem.set(null);
    this.api.remove(device.id).subscribe({
      next: () => {
        // Whoever removes the device in their own hand is out.
        if (device.isThis) return this.open('/pair');
        this.removed.update((all) => [...all, device]);
        this.ask(this.api.read());
      },
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  protected bringBack(device: Device): void {
    this.api.restore(device.id).subscribe({
      next: () => {
        this.removed.update((all) => all.filter(({ id }) => id !== device.id));
        this.ask(this.api.read());
      },
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  private ask(asked: Observable<House>): void {
    this.problem.set(null);
    this.isAsking.set(true);
    asked.subscribe({
      next: (house) => {
        this.house.set(house);
        this.isAsking.set(false);
      },
      error: (error: unknown) => {
        this.problem.set(problemOf(error));
        this.isAsking.set(false);
      },
    });
  }
}
