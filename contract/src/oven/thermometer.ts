import { z } from 'zod';

export const thermometerReading = z.object({
  sequence: z.int(),
  celsius: z.number(),
  isSettled: z.boolean().meta({ description: 'It has stopped rising and only cycles.' }),
});

export const thermometerState = z.object({
  thermometer: z.object({ name: z.string(), isSimulated: z.boolean() }),
  reading: thermometerReading,
});

const dial = z.number().min(0).max(300);

/** What a person does at the simulated oven. */
export const ovenCommand = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('set'), dialCelsius: dial, isFan: z.boolean() }),
  z.strictObject({ do: z.literal('off') }),
  z.strictObject({ do: z.literal('door') }),
  z.strictObject({
    do: z.literal('hurry'),
    times: z.number().min(1).max(600).meta({ description: 'So many times faster than a clock.' }),
  }),
]);

export const simulatedOven = z.object({
  isOn: z.boolean(),
  dialCelsius: z.number(),
  isFan: z.boolean(),
  times: z.number(),
});

export type ThermometerReading = z.infer<typeof thermometerReading>;
export type ThermometerState = z.infer<typeof thermometerState>;
export type OvenCommand = z.infer<typeof ovenCommand>;
export type SimulatedOvenState = z.infer<typeof simulatedOven>;
