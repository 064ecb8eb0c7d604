/** The kinds of picture that are taken in. */
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
/** A photo as a phone takes it. */
export const LARGEST_PHOTO_BYTES = 20 * 1024 * 1024;
