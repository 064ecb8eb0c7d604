import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomFrom } from '@ypsigram/core/chance';
import { readRecipe } from '@ypsigram/core/reading';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import type { Areas } from '../../areas/all-areas.js';
import { bakePlanFor } from '../../areas/plans/bake-plan.js';
import type { WholeBake } from '../../areas/bakes/part.js';
import { demoBake, demoBakeId } from './make-bake.js';
import { demoPicture } from './pictures.js';
import { STORY, STORY_TITLES, type StoryRecipe } from './story.js';

const SEED = 52;

/** Fills the log with the year of the stall, up to now. */
export async function fillLog(areas: Areas, now: Date): Promise<void> {
  const recipes = await areas.recipes.all();
  const { shelf } = await areas.kitchenContext();
  const random = randomFrom(SEED);
  const planned = new Map<StoryRecipe, Awaited<ReturnType<typeof planOf>>>();
  const planOf = async (of: StoryRecipe) => {
    const recipe = recipes.find(({ title }) => title === STORY_TITLES[of]);
    if (!recipe) throw new Error(`The demo has no recipe “${STORY_TITLES[of]}”.`);
    const { plan, revision } = await bakePlanFor(
      { recipeId: recipe.id, handId: null, way: 'planned' },
      areas.planning,
    );
    const reading = readRecipe(recipe.text, USUAL_STANDARD, shelf);
    return { recipeId: recipe.id, plan, revision, lines: reading };
  };
  const bakes: WholeBake[] = [];
  const latest = new Map<StoryRecipe, string>();
  for (const story of STORY) {
    let of = planned.get(story.recipe);
    if (!of) planned.set(story.recipe, (of = await planOf(story.recipe)));
    const photo = story.photo ? await addPicture(await demoPicture(story.photo), areas) : null;
    const before = latest.get(story.recipe) ?? null;
    bakes.push(demoBake(story, { ...of, now, random, before, photoId: photo?.id ?? null }));
    latest.set(story.recipe, demoBakeId(story));
  }
  await areas.bakes.part.load(bakes);
}

/** A photo comes in as a file. */
async function addPicture(picture: Buffer, { photos }: Pick<Areas, 'photos'>) {
  const folder = await mkdtemp(join(tmpdir(), 'ypsigram-demo-'));
  try {
    const file = join(folder, 'photo');
    await writeFile(file, picture);
    return await photos.add(file);
  } finally {
    await rm(folder, { recursive: true });
  }
}
