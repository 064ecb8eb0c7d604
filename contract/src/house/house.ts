import { z } from 'zod';

/** The longest name of a device. */
const LONGEST_DEVICE_NAME = 60;

/** A device that was let in. */
export const device = z
  .object({
    id: z.uuid(),
    name: z.string(),
    pairedAt: z.iso.datetime(),
    lastSeenAt: z.iso.datetime().meta({ description: 'To within ten minutes.' }),
    isThis: z.boolean().meta({ description: 'It is the device that asks.' }),
  })
  .meta({ description: 'A device of the house that was paired.' });

/** Who else in the house may come in, and how. */
export const house = z
  .object({
    isOpen: z.boolean(),
    isHere: z.boolean().meta({ description: 'Asked on the machine that the server runs on.' }),
    addresses: z
      .array(z.url())
      .meta({ description: 'Where devices reach it, the likeliest first.' }),
    passcode: z.string().nullable().meta({
      description:
        'What is typed once on a new device; null for a device: it is shown where the server runs.',
    }),
    fingerprint: z
      .string()
      .nullable()
      .meta({ description: 'SHA-256 of the certificate that devices may trust.' }),
    devices: z.array(device),
  })
  .meta({ description: 'The way in for other devices of the house; null and empty while closed.' });

export const houseChange = z.object({ isOpen: z.boolean() });

export const pairing = z.object({
  passcode: z.string().min(1, 'Type the passcode.').max(40, 'A passcode has eight digits.'),
  name: z
    .string()
    .trim()
    .min(1, 'Give this device a name, so that you know it in the list.')
    .max(LONGEST_DEVICE_NAME, `A name has at most ${LONGEST_DEVICE_NAME} letters.`),
});

export type Device = z.infer<typeof device>;
export type House = z.infer<typeof house>;
export type HouseChange = z.infer<typeof houseChange>;
export type Pairing = z.infer<typeof pairing>;
