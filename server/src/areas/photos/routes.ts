import express, { Router } from 'express';
import { LARGEST_PHOTO_BYTES, PHOTO_TYPES, photoQuery } from '@ypsigram/contract/log';
import { onlyMethods, ProblemError } from '../../http/problem.js';
import { parseId, validate } from '../../http/validate.js';
import type { PhotoService } from './service.js';

const GONE = 'There is no such photo.';
const YEAR_SECONDS = 365 * 24 * 60 * 60;

export function photoRoutes(photos: PhotoService): Router {
  const router = Router();
  router
    .route('/')
    .post(
      express.raw({ type: [...PHOTO_TYPES], limit: LARGEST_PHOTO_BYTES }),
      async (request, response) => {
        if (!Buffer.isBuffer(request.body) || request.body.length === 0) {
          throw new ProblemError(415, 'Send a JPEG, PNG or WebP picture.');
        }
        const photo = await photos.add(request.body);
        response.status(201).location(`/api/photos/${photo.id}`).json(photo);
      },
    )
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
