/** The ways to a real scale that a browser may have; null for one that it has not. */
export interface ScalePorts {
  readonly serial: Serial | null;
  readonly hid: HID | null;
}

export function scalePorts(): ScalePorts {
  // The types speak of browsers that have them; not every one does.
  const { serial, hid } = navigator as Partial<Pick<Navigator, 'serial' | 'hid'>>;
  return { serial: serial ?? null, hid: hid ?? null };
}
