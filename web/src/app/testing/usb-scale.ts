import type { UsedDevice } from '../scale/hid-scale';

/** A page of the standard and a usage in it as one number. */
const usage = (id: number): number => 0x8d0000 + id;
const range = (first: number, count: number): number[] =>
  Array.from({ length: count }, (_, at) => usage(first + at));

const item = (usages: number[], bits: number, least: number): HIDReportItem => ({
  usages,
  isRange: false,
  isConstant: false,
  reportSize: bits,
  reportCount: 1,
  logicalMinimum: least,
});

const DATA_REPORT = 3;
const CONTROL_REPORT = 2;

/** How the standard numbers what a scale says of itself. */
export const STATUS = { fault: 1, atZero: 2, moving: 3, stable: 4, underZero: 5, overload: 6 };
export const UNIT = { gram: 2, kilogram: 3, ounce: 11, pound: 12 };

/** Status, unit, power of ten and figure, packed as the standard has them. */
export const packed = (status: number, unit: number, scaling: number, figure: number): DataView =>
  new DataView(Uint8Array.of(status, unit, scaling & 0xff, figure & 0xff, figure >> 8).buffer);

/** A kitchen scale on USB that speaks real reports, byte by byte. */
export class UsbScale extends EventTarget implements UsedDevice {
  readonly vendorId = 1;
  readonly productId = 2;
  readonly productName = 'Kitchen scale';
  opened = false;
  readonly sent: { readonly id: number; readonly bytes: number[] }[] = [];
  readonly collections: HIDCollectionInfo[];
  /** What stands on it, in its own steps. */
  private figure = 0;
  private zero = 0;

  constructor(private readonly of: { readonly canZero: boolean } = { canZero: true }) {
    super();
    const control = {
      reportId: CONTROL_REPORT,
      items: [item([usage(0x81)], 1, 0), item([usage(0x80)], 1, 0)],
    };
    const data = {
      reportId: DATA_REPORT,
      items: [
        item(range(0x71, 8), 8, 1),
        item(range(0x51, 12), 8, 1),
        item([usage(0x41)], 8, -128),
        item([usage(0x40)], 16, 0),
      ],
    };
    this.collections = [
      {
        usagePage: 0x8d,
        usage: 0x20,
        type: 1,
        inputReports: [],
        featureReports: [],
        outputReports: this.of.canZero ? [control] : [],
        children: [
          {
            usagePage: 0x8d,
            usage: 0x32,
            type: 1,
            children: [],
            inputReports: [data],
            outputReports: [],
            featureReports: [],
          },
        ],
      },
    ];
  }

  async open(): Promise<void> {
    this.opened = true;
  }

  async close(): Promise<void> {
    this.opened = false;
  }

  async sendReport(reportId: number, data: BufferSource): Promise<void> {
    const bytes = [...new Uint8Array(data as ArrayBuffer)];
    this.sent.push({ id: reportId, bytes });
    // The second bit of its control report is "zero scale".
    if (reportId === CONTROL_REPORT && (bytes[0]! & 2) !== 0) this.zero = this.figure;
  }

  /** Sends bytes as they are, of its data report unless another is named. */
  send(data: DataView, reportId = DATA_REPORT): void {
    const event = Object.assign(new Event('inputreport'), { device: this, reportId, data });
    this.dispatchEvent(event);
  }

  /** Something stands on it, in tenths of a gram, and it has settled. */
  weigh(tenths: number): void {
    this.figure = tenths;
    const net = tenths - this.zero;
    const status = net < 0 ? STATUS.underZero : net === 0 ? STATUS.atZero : STATUS.stable;
    this.send(packed(status, UNIT.gram, -1, Math.abs(net)));
  }
}

/** The USB side of a browser: tells what is plugged in and out. */
export class UsbPorts extends EventTarget {
  tell(what: 'connect' | 'disconnect', device: UsbScale): void {
    this.dispatchEvent(Object.assign(new Event(what), { device }));
  }
}
