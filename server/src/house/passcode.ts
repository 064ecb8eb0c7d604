import { randomInt, scrypt, timingSafeEqual, randomBytes } from 'node:crypto';
import { promisify } from 'node:util';

const derive = promisify<string, Buffer, number, Buffer>(scrypt);
const DIGITS = 8;
const KEY_BYTES = 32;

/** A word that lets devices in. It is never written down: each start of the server has its own. */
export interface Passcode {
  /** Eight digits in two groups, as they are shown. */
  readonly shown: string;
  /** Whether that is what was typed, whatever stands between the digits. Slow on purpose. */
  matches(typed: string): Promise<boolean>;
}

/** A new passcode: eight digits, 27 bits, which the limit on tries makes enough. */
export async function newPasscode(): Promise<Passcode> {
  const digits = Array.from({ length: DIGITS }, () => randomInt(10)).join('');
  const salt = randomBytes(16);
  const key = await derive(digits, salt, KEY_BYTES);
  return {
    shown: `${digits.slice(0, DIGITS / 2)} ${digits.slice(DIGITS / 2)}`,
    async matches(typed) {
      return timingSafeEqual(await derive(typed.replace(/\D/g, ''), salt, KEY_BYTES), key);
    },
  };
}
