import type { ScaleReading, ScaleUnit } from '@ypsigram/core/bench';
import {
  DATA_WEIGHT,
  USUAL_REPORT,
  WEIGHING_PAGE,
  ZERO_SCALE,
  readScaleReport,
  stepOfReport,
} from '@ypsigram/core/bench/devices';
import { reportWith, switchedOn } from './hid-report';
import type { ScaleConnection, ScaleEvents } from './scale-connection';

/** What is used of a device on USB. */
export type UsedDevice = EventTarget &
  Pick<
    HIDDevice,
    | 'vendorId'
    | 'productId'
    | 'productName'
    | 'opened'
    | 'collections'
    | 'open'
    | 'close'
    | 'sendReport'
  >;

/** Below zero the standard says nothing of having settled: what stays the same for so long has. */
const SETTLED_MILLISECONDS = 800;

const UNPLUGGED = 'The scale was unplugged. Plug it in again: it goes on by itself.';
const NOT_OPENED =
  'The scale can’t be read. Close other programs that use it, unplug it, plug it in and connect it again.';
const NO_ZERO = 'This scale takes no command. Press tare on the scale itself.';

/**
 * A scale on USB that keeps to the standard for weighing devices (HID). It sends its readings by
 * itself, says how it packs them, and may be unplugged and come back. Its units are chosen on the scale.
 */
export class HidScale implements ScaleConnection {
  private events: ScaleEvents | null = null;
  private gridGrams: number | null = null;
  private same: { grams: number | null; since: number } = { grams: null, since: 0 };

  constructor(
    private device: UsedDevice,
    /** Tells what is plugged in and out. */
    private readonly hid: EventTarget,
    private readonly now: () => number = () => performance.now(),
  ) {}

  open(events: ScaleEvents): void {
    this.events = events;
    this.hid.addEventListener('connect', this.cameBack);
    this.hid.addEventListener('disconnect', this.left);
    void this.listen();
  }

  tare(): void {
    void this.zero();
  }

  setUnit(_unit: ScaleUnit): void {
    // Its own button does that: the standard has no command for it.
  }

  wake(): void {
    // A real scale is switched on at the scale.
  }

  close(): void {
    this.events = null;
    this.hid.removeEventListener('connect', this.cameBack);
    this.hid.removeEventListener('disconnect', this.left);
    this.device.removeEventListener('inputreport', this.take);
    // One that was unplugged can't be closed any more.
    void this.device.close().catch((error: unknown) => console.debug('the scale is gone', error));
  }

  private async listen(): Promise<void> {
    try {
      if (!this.device.opened) await this.device.open();
      this.device.addEventListener('inputreport', this.take);
    } catch (error) {
      console.warn('The scale on USB could not be opened.', error);
      this.events?.lost(NOT_OPENED);
    }
  }

  private readonly cameBack = (event: Event): void => {
    const { device } = event as HIDConnectionEvent;
    const { vendorId, productId } = this.device;
    if (device.vendorId !== vendorId || device.productId !== productId) return;
    this.device.removeEventListener('inputreport', this.take);
    this.device = device;
    void this.listen();
  };

  private readonly left = (event: Event): void => {
    if ((event as HIDConnectionEvent).device === this.device) this.events?.lost(UNPLUGGED);
  };

  private readonly take = (event: Event): void => {
    const { reportId, data } = event as HIDInputReportEvent;
    const described = reportWith(DATA_WEIGHT, 'inputReports', this.device.collections);
    if (described && described.id !== reportId) return;
    const fields = described?.fields ?? USUAL_REPORT;
    const bytes = new Uint8Array(data.buffer, data.byteOffset, data.byteLength);
    const reading = readScaleReport(bytes, fields);
    if (!reading) return;
    this.describe(stepOfReport(bytes, fields));
    this.events?.read({ ...reading, isStable: reading.isStable || this.hasSettled(reading) });
  };

  private hasSettled({ grams }: ScaleReading): boolean {
    const now = this.now();
    if (grams !== this.same.grams) this.same = { grams, since: now };
    return grams !== null && grams < 0 && now - this.same.since >= SETTLED_MILLISECONDS;
  }

  private describe(gridGrams: number | null): void {
    if (gridGrams === null || gridGrams === this.gridGrams) return;
    this.gridGrams = gridGrams;
    const name = this.device.productName || 'USB scale';
    this.events?.described({ name, gridGrams, units: [], isSimulated: false });
  }

  private async zero(): Promise<void> {
    const report = reportWith(ZERO_SCALE, 'outputReports', this.device.collections);
    if (!report) {
      this.events?.refused(NO_ZERO);
      return;
    }
    try {
      await this.device.sendReport(report.id, switchedOn(ZERO_SCALE, report));
    } catch (error) {
      console.warn('The scale on USB took no command.', error);
      this.events?.refused(NO_ZERO);
    }
  }
}

/** Lets the baker choose among the scales that are plugged in; null where none is chosen. */
export async function askForScale(hid: HID): Promise<HidScale | null> {
  const [device] = await hid.requestDevice({ filters: [{ usagePage: WEIGHING_PAGE }] });
  return device ? new HidScale(device, hid) : null;
}
