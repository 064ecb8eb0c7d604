import { Router } from 'express';
import { LARGEST_PHOTO_BYTES, PHOTO_TYPES, photoQuery } from '@ypsigram/contract/log';
import { withBodyAsFile } from '../../http/body-as-file.js';
import { onlyMethods, ProblemError } from '../../http/problem.js';
import { parseId, validate } from '../../http/validate.js';
import type { PhotoService } from './service.js';

const GONE = 'There is no such photo.';
const YEAR_SECONDS = 365 * 24 * 60 * 60;

/** `folder` is where a photo waits that is being taken in. */
export function photoRoutes(photos: PhotoService, folder: string): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      if (!request.is([...PHOTO_TYPES])) {
        throw new ProblemError(415, 'Send a JPEG, PNG or WebP picture.');
      }
      const photo = await withBodyAsFile(
        request,
        { folder, largest: LARGEST_PHOTO_BYTES },
        (file) => photos.add(file),
      );
      response.status(201).location(`/api/photos/${photo.id}`).json(photo);
    })
    .all(onlyMethods('POST'));
  router
    .route('/:id')
    .get(async (request, response) => {
      const { size } = validate(photoQuery, request.query);
      const path = await photos.find(parseId(request.params.id, GONE), size);
      response.set('Cache-Control', `private, max-age=${YEAR_SECONDS}, immutable`);
      response.type('image/jpeg').sendFile(path, { dotfiles: 'allow', cacheControl: false });
    })
    .all(onlyMethods('GET'));
  return router;
}
