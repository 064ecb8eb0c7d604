import type {
  Kitchen,
  ScaleCommand,
  ScaleStateReply,
  SimulationCommand,
  SimulationState,
} from '@ypsigram/contract';
import { heldMillilitresOf, stampedMillilitresOf } from '@ypsigram/core/calibration';
import type { Shelf } from '@ypsigram/core/catalogue';
import { drawFill, randomFrom, seedOf } from '@ypsigram/core/chance';
import {
  TOOL_SPREAD,
  densityOf,
  fillSpread,
  measureSize,
  type KnownWeight,
} from '@ypsigram/core/measuring';
import type { ScaleDevice } from '../../devices/scale.js';
import type { SimulatedScale } from '../../devices/simulated/scale.js';
import { ProblemError } from '../../http/problem.js';

/** A hand differs from the tables by this much, as a standard deviation, until it is calibrated. */
const HAND_SPREAD = 0.05;

/** What the scale's area needs of the others. */
export interface ScaleContext {
  kitchen(): Promise<Kitchen>;
  shelf(): Promise<Shelf>;
  /** What is known of a hand. @throws ProblemError 400 */
  hand(id: string | null): Promise<readonly KnownWeight[]>;
}

export function stateOf(scale: ScaleDevice): ScaleStateReply {
  const { units, ...description } = scale.description();
  return { scale: { ...description, units: [...units] }, reading: scale.latest() };
}

/** Presses a button of the scale. @throws ProblemError 400 for a unit that it does not have. */
export function press(scale: ScaleDevice, command: ScaleCommand): ScaleStateReply {
  switch (command.do) {
    case 'tare':
      scale.tare();
      break;
    case 'wake':
      scale.wake();
      break;
    case 'unit':
      if (!scale.description().units.includes(command.unit)) {
        throw new ProblemError(400, 'This scale does not have that unit.', { field: 'unit' });
      }
      scale.setUnit(command.unit);
      break;
  }
  return stateOf(scale);
}

export function simulationOf(scale: SimulatedScale): SimulationState {
  const { scale: description } = stateOf(scale);
  return {
    loads: [...scale.loads.all()],
    ...scale.seed(),
    isPouring: scale.isPouring(),
    scale: description,
  };
}

const cannot = (detail: string, field: string): ProblemError =>
  new ProblemError(422, detail, { field });

/** Does at the simulated scale what a person does at a real one. */
export async function simulate(
  scale: SimulatedScale,
  command: SimulationCommand,
  context: ScaleContext,
): Promise<SimulationState> {
  switch (command.do) {
    case 'use': {
      const { scales } = await context.kitchen();
      const wanted = scales.find(({ name }) => name === command.scale);
      if (!wanted) throw cannot('There is no scale of that name in Tools.', 'scale');
      if (wanted.kind === 'beam')
        throw cannot('A beam scale can’t send readings. Choose another scale.', 'scale');
      const { name, gridGrams, capacityGrams, units } = wanted;
      scale.become({ name, gridGrams, capacityGrams, units });
      break;
    }
    case 'put-container':
      scale.put({
        name: command.name,
        grams: command.grams,
        kind: 'container',
        ingredientId: null,
      });
      break;
    case 'put':
      scale.put({ ...(await ingredientLoad(command.ingredientId, context)), grams: command.grams });
      break;
    case 'pour':
      scale.startPouring(
        await ingredientLoad(command.ingredientId, context),
        command.gramsPerSecond,
      );
      break;
    case 'stop-pouring':
      scale.stopPouring();
      break;
    case 'typical-fill': {
      const grams = await typicalFill(scale, command, context);
      scale.put({ ...(await ingredientLoad(command.ingredientId, context)), grams });
      break;
    }
    case 'seed':
      scale.reseed(command.seed);
      break;
    case 'take-off':
      if (!scale.takeOff(command.id)) throw cannot('That is no longer on the scale.', 'id');
      break;
    case 'clear':
      scale.clear();
      break;
  }
  return simulationOf(scale);
}

async function ingredientLoad(id: string | null, { shelf }: ScaleContext) {
  const ingredient = id === null ? undefined : (await shelf()).ingredient(id);
  if (id !== null && !ingredient) {
    throw cannot('There is no ingredient with this id in Ingredients.', 'ingredientId');
  }
  return {
    name: ingredient?.name ?? 'something',
    kind: 'ingredient',
    ingredientId: id,
  } as const;
}

/**
 * A fill drawn from the error model. The bias of the hand and that of the tool come from their
 * names, so that they stay the same from fill to fill. What was calibrated has no bias left to
 * draw: a tool is filled by what it holds, a hand by what it is known to fill.
 */
async function typicalFill(
  scale: SimulatedScale,
  command: Extract<SimulationCommand, { do: 'typical-fill' }>,
  context: ScaleContext,
): Promise<number> {
  const kitchen = await context.kitchen();
  const ingredient = (await context.shelf()).ingredient(command.ingredientId);
  const tool = kitchen.tools.find(({ name }) => name === command.tool);
  if (!ingredient)
    throw cannot('There is no ingredient with this id in Ingredients.', 'ingredientId');
  if (!tool) throw cannot('There is no tool of that name in Tools.', 'tool');
  const stamped = stampedMillilitresOf(tool, kitchen.standard);
  const held = heldMillilitresOf(tool, kitchen.standard);
  const { form, method, handId } = command;
  const size = measureSize(tool.unit, stamped);
  const basis = densityOf({ ingredient, form, method, size }, await context.hand(handId));
  if (!basis)
    throw cannot(
      'The weight of this ingredient is not known, so a fill can’t be simulated.',
      'ingredientId',
    );
  const biasOf = (name: string, spread: number): number =>
    spread * randomFrom(seedOf(name)).normal();
  return drawFill(
    {
      gramsPerMillilitre: basis.gramsPerMillilitre,
      millilitres: held,
      toolBias: held === stamped ? biasOf(`tool ${tool.name}`, TOOL_SPREAD) : 0,
      handBias:
        handId === null || basis.rung === 'hand'
          ? 0
          : biasOf(`hand ${handId} ${method}`, HAND_SPREAD),
      fillSpread: fillSpread(ingredient.class, method, size),
    },
    scale.fillRandom(),
  );
}
