import { z } from 'zod';

export const photo = z.object({
  id: z.uuid(),
  width: z.int(),
  height: z.int(),
});

export const photoQuery = z.object({
  size: z.enum(['small', 'large']).default('large'),
});

/** A photo as a backup holds it. */
export const backupPhoto = z.strictObject({
  ...photo.shape,
  sha256: z
    .string()
    .regex(/^[0-9a-f]{64}$/)
    .exactOptional()
    .meta({ description: 'Of the picture, to see that it is whole.' }),
  jpeg: z.base64().meta({ description: 'The picture, resized and without what a camera adds.' }),
});

export type Photo = z.infer<typeof photo>;
