import { Router } from 'express';
import { z } from 'zod';
import { recipeDraft, recipeQuery, recipeReplacement } from '@ypsigram/contract';
import { notFound, onlyMethods } from '../../http/problem.js';
import { validBody, validate } from '../../http/validate.js';
import type { RecipeService } from './service.js';

function idOf(value: string | string[] | undefined): string {
  const id = z.uuid().safeParse(value);
  if (!id.success) throw notFound('There is no such recipe.');
  return id.data;
}

export function recipeRoutes(recipes: RecipeService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (request, response) => {
      response.json(await recipes.list(validate(recipeQuery, request.query)));
    })
    .post(async (request, response) => {
      const recipe = await recipes.create(validBody(recipeDraft, request));
      response.status(201).location(`/api/recipes/${recipe.id}`).json(recipe);
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/:id')
    .get(async (request, response) => {
      response.json(await recipes.read(idOf(request.params.id)));
    })
    .put(async (request, response) => {
      const replacement = validBody(recipeReplacement, request);
      response.json(await recipes.replace(idOf(request.params.id), replacement));
    })
    .delete(async (request, response) => {
      await recipes.remove(idOf(request.params.id));
      response.status(204).end();
    })
    .all(onlyMethods('GET', 'PUT', 'DELETE'));
  router
    .route('/:id/restore')
    .post(async (request, response) => {
      response.json(await recipes.restore(idOf(request.params.id)));
    })
    .all(onlyMethods('POST'));
  return router;
}
