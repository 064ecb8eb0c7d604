import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  short,
  type KitchenContainer,
  type KitchenScale,
  type KitchenTool,
  standardName,
  standardSource,
} from '@ypsigram/contract';
import type { Block } from '@ypsigram/core/drawer';
import { STANDARDS, millilitresIn, type Standard } from '@ypsigram/core/units';
import { Icon } from '../../kit/icon/icon';
import { Retry } from '../../kit/retry/retry';
import { kitchenActions, kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { AddTool } from './add-tool';
import { ContainersSection } from './containers-section';
import { ScalesSection } from './scales-section';
import { ToolCard } from './tool-card';
import { Opened } from '../../kit/opened/opened';
import { KitchenSaved } from '../../kit/kitchen-saved/kitchen-saved';

const BLOCKS: readonly { readonly id: Block; readonly name: string }[] = [
  { id: 'stick', name: 'sticks, marked in tablespoons' },
  { id: '250 g', name: '250 g blocks, marked every 25 g' },
  { id: '500 g', name: '500 g blocks, marked every 50 g' },
  { id: '1 lb', name: 'one-pound blocks, marked every ounce' },
];

const KINDS = [
  { kind: 'cup', name: 'Cups' },
  { kind: 'spoon', name: 'Spoons' },
  { kind: 'jug', name: 'Jugs' },
] as const;

/** Tools: the cups, spoons and jugs of this kitchen, and what they really hold. */
@Component({
  selector: 'yg-tools-page',
  imports: [
    KitchenSaved,
    Opened,
    RouterLink,
    AddTool,
    ContainersSection,
    Icon,
    ScalesSection,
    ToolCard,
    Retry,
  ],
  templateUrl: './tools.page.html',
  styleUrl: './tools.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToolsPage {
  private readonly store = inject(Store);

  protected readonly standards = STANDARDS.map((id) => ({ id, name: standardName(id) }));
  protected readonly state = this.store.selectSignal(kitchenFeature.selectKitchenState);
  protected readonly standard = computed(() => this.state().current.standard);
  /** What the three measures hold: "1 cup is 250 mL, …". */
  protected readonly holds = computed(() =>
    (['cup', 'tbsp', 'tsp'] as const)
      .map((unit) => `1 ${unit} is ${short(millilitresIn(unit, this.standard()).valueOf(), 1)} mL`)
      .join(', '),
  );
  protected readonly source = computed(() => standardSource(this.standard()));
  protected readonly names = computed(() => this.state().current.tools.map(({ name }) => name));
  protected readonly blocks = BLOCKS;
  protected readonly sets = computed(() => [
    ...new Set(this.state().current.tools.flatMap(({ set }) => set ?? [])),
  ]);
  /** Sets by their names, in the order of their kinds; what is in no set stands by its kind. */
  protected readonly groups = computed(() => {
    const groups = new Map<string, KitchenTool[]>();
    for (const { kind, name } of KINDS) {
      for (const tool of this.state().current.tools.filter((each) => each.kind === kind)) {
        const group = groups.get(tool.set ?? name);
        if (group) group.push(tool);
        else groups.set(tool.set ?? name, [tool]);
      }
    }
    return [...groups].map(([name, tools]) => ({
      name,
      tools,
      names: tools.map((tool) => tool.name),
      isAside: tools.every(({ aside }) => aside),
    }));
  });
  protected readonly isAdding = signal(false);

  protected choose(standard: string): void {
    this.store.dispatch(kitchenChanges.standardChosen({ standard: standard as Standard }));
  }

  protected change(name: string, tool: KitchenTool): void {
    this.store.dispatch(kitchenChanges.toolChanged({ name, tool }));
  }

  protected putAside(names: readonly string[], aside: boolean): void {
    this.store.dispatch(kitchenChanges.toolsPutAside({ names, aside }));
  }

  protected remove(name: string): void {
    this.store.dispatch(kitchenChanges.toolRemoved({ name }));
  }

  protected add(tool: KitchenTool): void {
    this.store.dispatch(kitchenChanges.toolAdded({ tool }));
    this.isAdding.set(false);
  }

  protected chooseBlock(block: string): void {
    this.store.dispatch(kitchenChanges.blockChosen({ block: block as Block }));
  }

  protected keepScale(scale: KitchenScale): void {
    this.store.dispatch(kitchenChanges.scaleKept({ scale }));
  }

  protected removeScale(name: string): void {
    this.store.dispatch(kitchenChanges.scaleRemoved({ name }));
  }

  protected keepContainer(container: KitchenContainer): void {
    this.store.dispatch(kitchenChanges.containerKept({ container }));
  }

  protected removeContainer(name: string): void {
    this.store.dispatch(kitchenChanges.containerRemoved({ name }));
  }

  protected undo(): void {
    this.store.dispatch(kitchenChanges.changeUndone());
  }

  protected again(): void {
    const { isLoaded } = this.state();
    this.store.dispatch(isLoaded ? kitchenActions.saveWanted() : kitchenActions.kitchenAskedFor());
  }
}
