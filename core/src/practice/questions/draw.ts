import type { Shelf } from '../../catalogue/index.js';
import type { Random } from '../../chance/index.js';
import type { Standard } from '../../units/index.js';

/** What a question is drawn from. */
export interface Draw {
  readonly shelf: Shelf;
  /** Whose cups and spoons the weights are told for. */
  readonly standard: Standard;
  readonly random: Random;
}
