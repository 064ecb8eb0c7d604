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
  jpeg: z.base64().meta({ description: 'The picture, resized and without what a camera adds.' }),
});

export type Photo = z.infer<typeof photo>;
