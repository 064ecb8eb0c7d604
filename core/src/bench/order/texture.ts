import type { Ingredient } from '../../catalogue/index.js';

/** How an ingredient leaves the bowl of a scale: what is sticky goes last, where it slides out. */
export type Texture = 'dry' | 'wet' | 'sticky';

/** Dry before wet before sticky. */
export const TEXTURES: readonly Texture[] = ['dry', 'wet', 'sticky'];

/** An ingredient by how it pours; what is not known counts as dry. */
export function textureOf(ingredient: Pick<Ingredient, 'class'> | undefined): Texture {
  switch (ingredient?.class) {
    case 'liquid':
    case 'egg':
      return 'wet';
    case 'syrup':
    case 'paste':
    case 'solid-fat':
      return 'sticky';
    default:
      return 'dry';
  }
}

/**
 * Whether a slip of it could not be mended: leavening, yeast, salt and extracts are measured over a
 * small bowl beside the large one.
 */
export const needsSmallBowl = (
  ingredient: Pick<Ingredient, 'class' | 'role'> | undefined,
): boolean =>
  ingredient !== undefined &&
  (['leavening', 'yeast', 'salt'].includes(ingredient.role) ||
    (ingredient.role === 'flavour' && ingredient.class === 'liquid'));
