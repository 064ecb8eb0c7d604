import type { ScaleReading } from '@ypsigram/core/bench';
import { until } from '../testing/until';
import { STATUS, UNIT, UsbPorts, UsbScale, packed } from '../testing/usb-scale';
import { HidScale } from './hid-scale';
import type { ConnectedScale } from './scale-connection';

describe('a scale on USB', () => {
  let device: UsbScale;
  let ports: UsbPorts;
  let scale: HidScale;
  let now: number;
  let readings: ScaleReading[];
  let descriptions: ConnectedScale[];
  let losses: (string | null)[];
  let refusals: string[];

  const connect = async (to = new UsbScale()): Promise<void> => {
    device = to;
    ports = new UsbPorts();
    now = 0;
    scale = new HidScale(device, ports, () => now);
    readings = [];
    descriptions = [];
    losses = [];
    refusals = [];
    scale.open({
      described: (description) => descriptions.push(description),
      read: (reading) => readings.push(reading),
      lost: (problem) => losses.push(problem),
      refused: (problem) => refusals.push(problem),
    });
    await until(() => device.opened);
    // It listens once it is open.
    await until(() => {
      device.send(packed(STATUS.atZero, UNIT.gram, -1, 0));
      return readings.length > 0;
    });
    readings = [];
  };
  beforeEach(() => connect());

  it('is read by what it says of its reports, in steps of its own', () => {
    device.weigh(1234);
    expect(readings).toEqual([jasmine.objectContaining({ grams: 123.4, isStable: true })]);
    expect(descriptions).toEqual([
      { name: 'Kitchen scale', gridGrams: 0.1, units: [], isSimulated: false },
    ]);
    device.send(packed(STATUS.stable, UNIT.ounce, -1, 44));
    expect(readings[1]).toEqual(jasmine.objectContaining({ unit: 'oz', shown: '4.4' }));
    expect(descriptions.length).toBe(2);
  });

  it('moves, carries too much, has a fault, and says so', () => {
    device.send(packed(STATUS.moving, UNIT.gram, 0, 80));
    device.send(packed(STATUS.overload, UNIT.gram, 0, 0));
    device.send(packed(STATUS.fault, UNIT.gram, 0, 0));
    expect(readings.map(({ state, grams, isStable }) => [state, grams, isStable])).toEqual([
      ['on', 80, false],
      ['overload', null, false],
      ['on', null, false],
    ]);
  });

  it('has settled below zero once it has stood still for a while', () => {
    device.weigh(500);
    scale.tare();
    device.weigh(420);
    expect(readings.at(-1)).toEqual(jasmine.objectContaining({ grams: -8, isStable: false }));
    now += 500;
    device.weigh(420);
    expect(readings.at(-1)!.isStable).toBeFalse();
    now += 400;
    device.weigh(420);
    expect(readings.at(-1)!.isStable).toBeTrue();
    device.weigh(410);
    expect(readings.at(-1)!.isStable).toBeFalse();
  });

  it('is zeroed by the bit that it describes', async () => {
    device.weigh(500);
    scale.tare();
    await until(() => device.sent.length > 0);
    expect(device.sent).toEqual([{ id: 2, bytes: [2] }]);
    device.weigh(750);
    expect(readings.at(-1)!.grams).toBe(25);
    expect(losses).toEqual([]);
  });

  it('that takes no command is zeroed by its own button, and says so', async () => {
    await connect(new UsbScale({ canZero: false }));
    scale.tare();
    expect(losses).toEqual([]);
    expect(refusals).toEqual([jasmine.stringContaining('Press tare on the scale itself')]);
  });

  it('passes over other reports, and over bytes that are none', () => {
    device.send(packed(STATUS.stable, UNIT.gram, 0, 5), 9);
    device.send(new DataView(new ArrayBuffer(2)));
    device.send(packed(0, 0, 0, 0));
    expect(readings).toEqual([]);
  });

  it('is unplugged, comes back, and goes on by itself', async () => {
    ports.tell('disconnect', new UsbScale());
    expect(losses).withContext('another device').toEqual([]);
    ports.tell('disconnect', device);
    expect(losses).toEqual([jasmine.stringContaining('was unplugged')]);
    const back = new UsbScale();
    ports.tell('connect', back);
    await until(() => {
      back.weigh(100);
      return readings.length > 0;
    });
    expect(readings[0]!.grams).toBe(10);
    scale.close();
    const before = readings.length;
    back.weigh(200);
    expect(readings.length).toBe(before);
    await until(() => !back.opened);
  });
});
