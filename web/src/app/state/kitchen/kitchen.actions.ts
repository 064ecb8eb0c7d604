import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type {
  KeptAnswer,
  Kitchen,
  KitchenContainer,
  KitchenHand,
  KitchenIngredient,
  KitchenOven,
  KitchenPrice,
  KitchenScale,
  KitchenTool,
} from '@ypsigram/contract';
import type { Block } from '@ypsigram/core/drawer';
import type { WeighedIn } from '@ypsigram/core/fills';
import type { IngredientClass, Method } from '@ypsigram/core/catalogue';
import type { OwnWeight } from '@ypsigram/core/shelf';
import type { FillingOf } from '@ypsigram/core/measuring';
import type { PublicTable } from '@ypsigram/core/table';
import type { Standard } from '@ypsigram/core/units';
import type { UnsavedKitchen } from './unsaved-kitchen';

/** How this kitchen writes figures, dates, money and heat, whether letters are shortcuts, and pages are got. */
export type KitchenSettings = Pick<
  Kitchen,
  | 'currency'
  | 'decimalMark'
  | 'dateOrder'
  | 'firstDay'
  | 'temperature'
  | 'letterKeys'
  | 'getsWebPages'
>;

/** What its owner does with the kitchen: each is saved at once, and can be undone. */
export const kitchenChanges = createActionGroup({
  source: 'Kitchen',
  events: {
    'Standard chosen': props<{ standard: Standard }>(),
    'Tool changed': props<{ name: string; tool: KitchenTool }>(),
    'Tool added': props<{ tool: KitchenTool }>(),
    'Tool removed': props<{ name: string }>(),
    'Tools put aside': props<{ names: readonly string[]; aside: boolean }>(),
    'Block chosen': props<{ block: Block }>(),
    'Scale kept': props<{ scale: KitchenScale }>(),
    'Scale removed': props<{ name: string }>(),
    'Container kept': props<{ container: KitchenContainer }>(),
    'Container removed': props<{ name: string }>(),
    'Oven kept': props<{ oven: KitchenOven }>(),
    'Oven removed': props<{ name: string }>(),
    'Weight set': props<{ weight: OwnWeight }>(),
    'Weight put back': props<{ of: FillingOf }>(),
    'Ingredient kept': props<{ ingredient: KitchenIngredient; weight: OwnWeight | null }>(),
    'Ingredient removed': props<{ id: string }>(),
    'Price kept': props<{ price: KitchenPrice }>(),
    'Price removed': props<{ ingredientId: string }>(),
    'Hand kept': props<{ hand: KitchenHand }>(),
    'Hand removed': props<{ id: string }>(),
    'Habit chosen': props<{ of: IngredientClass; method: Method | null }>(),
    'Weighing chosen': props<{ weighedIn: WeighedIn }>(),
    'Settings chosen': props<{ change: Partial<KitchenSettings> }>(),
    'Hand chosen': props<{ id: string | null }>(),
    'Answer kept': props<{ answer: KeptAnswer }>(),
    'Answer forgotten': props<{ of: KeptAnswer }>(),
    'Change undone': emptyProps(),
  },
});

/** What happens between the page and the server. */
export const kitchenActions = createActionGroup({
  source: 'Kitchen server',
  events: {
    'Kitchen asked for': emptyProps(),
    'Kitchen changed elsewhere': emptyProps(),
    'Kitchen refreshed': props<{ kitchen: Kitchen }>(),
    'Kitchen loaded': props<{ kitchen: Kitchen }>(),
    'Kitchen not loaded': props<{ problem: string }>(),
    /** An earlier visit changed it and could not save that: one step of undo. */
    'Unsaved found': props<{ unsaved: UnsavedKitchen }>(),
    'Save wanted': emptyProps(),
    /** `sent`: what was to be saved. */
    'Kitchen saved': props<{ kitchen: Kitchen; sent: Omit<Kitchen, 'revision'> }>(),
    'Kitchen not saved': props<{ problem: string }>(),
    'Newer kitchen met': props<{ kitchen: Kitchen; problem: string }>(),
    /** Changed on the server by this page itself, by an import: one step of undo. */
    'Kitchen imported': props<{ kitchen: Kitchen }>(),
    /** Something is named that the shelf lacks. */
    'Table wanted': emptyProps(),
    'Table read': props<{ table: PublicTable }>(),
    'Table not read': emptyProps(),
  },
});
