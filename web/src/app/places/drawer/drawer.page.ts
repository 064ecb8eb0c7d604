import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { KitchenTool } from '@ypsigram/contract';
import { STANDARDS, standardName, standardSource, type Standard } from '@ypsigram/core/units';
import { Icon } from '../../kit/icon/icon';
import { Trouble } from '../../kit/trouble/trouble';
import { kitchenActions, kitchenFeature } from '../../kitchen/kitchen.feature';
import { AddTool } from './add-tool';
import { ToolCard } from './tool-card';

const GROUPS = [
  { kind: 'cup', name: 'Cups' },
  { kind: 'spoon', name: 'Spoons' },
  { kind: 'jug', name: 'Jugs' },
] as const;

/** The Drawer: the cups, spoons and jugs of this kitchen, and what they really hold. */
@Component({
  selector: 'yg-drawer-page',
  imports: [AddTool, Icon, ToolCard, Trouble],
  templateUrl: './drawer.page.html',
  styleUrl: './drawer.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DrawerPage {
  private readonly store = inject(Store);

  protected readonly standards = STANDARDS.map((id) => ({ id, name: standardName(id) }));
  protected readonly state = this.store.selectSignal(kitchenFeature.selectKitchenState);
  protected readonly standard = computed(() => this.state().current.standard);
  protected readonly source = computed(() => standardSource(this.standard()));
  protected readonly names = computed(() => this.state().current.tools.map(({ name }) => name));
  protected readonly groups = computed(() =>
    GROUPS.map(({ kind, name }) => ({
      name,
      tools: this.state().current.tools.filter((tool) => tool.kind === kind),
    })),
  );
  protected readonly isAdding = signal(false);

  protected choose(standard: string): void {
    this.store.dispatch(kitchenActions.standardChosen({ standard: standard as Standard }));
  }

  protected change(name: string, tool: KitchenTool): void {
    this.store.dispatch(kitchenActions.toolChanged({ name, tool }));
  }

  protected remove(name: string): void {
    this.store.dispatch(kitchenActions.toolRemoved({ name }));
  }

  protected add(tool: KitchenTool): void {
    this.store.dispatch(kitchenActions.toolAdded({ tool }));
    this.isAdding.set(false);
  }

  protected undo(): void {
    this.store.dispatch(kitchenActions.changeUndone());
  }

  protected again(): void {
    const { isLoaded } = this.state();
    this.store.dispatch(isLoaded ? kitchenActions.saveWanted() : kitchenActions.kitchenAskedFor());
  }
}
