// Loaded before the server: its clock is off by as many milliseconds as a file says, and may jump.
import { readFileSync } from 'node:fs';

const FILE = process.env.TORTURE_CLOCK;
const Real = Date;
const LOOK_MILLISECONDS = 5;
let offset = 0;
let looked = -Infinity;

function shift() {
  const now = performance.now();
  if (now - looked > LOOK_MILLISECONDS) {
    looked = now;
    offset = Number(readFileSync(FILE, 'utf8')) || 0;
  }
  return offset;
}

globalThis.Date = class Shifted extends Real {
  constructor(...given) {
    if (given.length === 0) super(Real.now() + shift());
    else super(...given);
  }

  static now() {
    return Real.now() + shift();
  }
};
