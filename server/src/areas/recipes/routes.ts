import { Router } from 'express';
import {
  ingredientUseQuery,
  recipeDraft,
  recipeQuery,
  recipeReplacement,
} from '@ypsigram/contract';
import { parseId, validate, validBody } from '../../http/validate.js';
import { onlyMethods } from '../../http/problem.js';
import { removeOne, restoreRoute } from '../../http/removal.js';
import { sendRemembered } from '../../http/send-json.js';
import type { RecipeService } from './service.js';

const GONE = 'There is no such recipe.';

export function recipeRoutes(recipes: RecipeService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (request, response) => {
      sendRemembered(response, await recipes.list(validate(recipeQuery, request.query)));
    })
    .post(async (request, response) => {
      const recipe = await recipes.create(validBody(recipeDraft, request));
      response.status(201).location(`/api/recipes/${recipe.id}`).json(recipe);
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/uses')
    .get(async (request, response) => {
      const { ids } = validate(ingredientUseQuery, request.query);
      response.json({ items: await recipes.uses(ids) });
    })
    .all(onlyMethods('GET'));
  router
    .route('/:id')
    .get(async (request, response) => {
      response.json(await recipes.read(parseId(request.params.id, GONE)));
    })
    .put(async (request, response) => {
      const replacement = validBody(recipeReplacement, request);
      response.json(await recipes.replace(parseId(request.params.id, GONE), replacement));
    })
    .delete(removeOne(recipes, GONE))
    .all(onlyMethods('GET', 'PUT', 'DELETE'));
  router
    .route('/:id/versions')
    .get(async (request, response) => {
      response.json({ items: await recipes.versions(parseId(request.params.id, GONE)) });
    })
    .all(onlyMethods('GET'));
  restoreRoute(router, recipes, GONE);
  return router;
}
