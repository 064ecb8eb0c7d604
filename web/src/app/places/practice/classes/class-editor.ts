import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { v4 as newId } from 'uuid';
import { METHOD_NAMES, short } from '@ypsigram/contract';
import type { ClassDraft, ClassTask } from '@ypsigram/contract/practice';
import { heldMillilitresOf, stampedMillilitresOf } from '@ypsigram/core/calibration';
import type { Ingredient, Method } from '@ypsigram/core/catalogue';
import { defaultMethod, measureSize } from '@ypsigram/core/measuring';
import { fillTolerance, practisedMethods, targetGrams } from '@ypsigram/core/practice';
import { decimal, grams } from '../../../kit/figures/figures';
import { Icon } from '../../../kit/icon/icon';
import { IngredientField } from '../../../kit/ingredient-field/ingredient-field';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { aimOf, taskName } from './class-task';

const WIDEST_PERCENT = 50;

/** Sets what a class does: its name, and tasks with their targets and tolerance. */
@Component({
  selector: 'yg-class-editor',
  imports: [Icon, IngredientField],
  templateUrl: './class-editor.html',
  styleUrl: './class-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassEditor {
  readonly draft = input.required<ClassDraft>();
  readonly act = input.required<string>();
  readonly saved = output<ClassDraft>();

  private readonly store = inject(Store);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly ownTools = this.store.selectSignal(kitchenFeature.selectTools);
  protected readonly shelf = this.store.selectSignal(selectShelf);

  protected readonly name = linkedSignal(() => this.draft().name);
  protected readonly tasks = linkedSignal<readonly ClassTask[]>(() => this.draft().tasks);
  protected readonly problem = signal<string | null>(null);
  protected readonly ingredient = signal<Ingredient | null>(null);
  private readonly chosenMethod = linkedSignal<Method | null>(() => {
    const ingredient = this.ingredient();
    return ingredient && defaultMethod(ingredient);
  });
  protected readonly tools = computed(() =>
    this.ownTools().filter(({ kind, aside }) => kind !== 'jug' && !aside),
  );
  private readonly tool = signal<string | null>(null);
  private readonly measure = computed(
    () => this.tools().find(({ name }) => name === this.tool()) ?? this.tools()[0] ?? null,
  );
  protected readonly methods = computed(() => {
    const ingredient = this.ingredient();
    return ingredient
      ? practisedMethods(ingredient).map((id) => ({
          id,
          name: METHOD_NAMES[id],
          isChosen: id === this.chosenMethod(),
        }))
      : [];
  });
  private readonly fill = computed(() => {
    const [ingredient, method, tool] = [this.ingredient(), this.chosenMethod(), this.measure()];
    if (!ingredient || !method || !tool) return null;
    const size = measureSize(tool.unit, stampedMillilitresOf(tool, this.standard()));
    const millilitres = heldMillilitresOf(tool, this.standard());
    return { ingredient, form: null, method, millilitres, size };
  });
  /** What the tables say of what was chosen: target and tolerance, to be changed. */
  protected readonly usual = computed(() => {
    const fill = this.fill();
    const target = fill && targetGrams(fill);
    return fill && target !== null
      ? {
          grams: grams(target),
          percent: short(100 * fillTolerance(fill), 1),
        }
      : null;
  });
  protected readonly shown = computed(() =>
    this.tasks().map((task) => ({
      id: task.id,
      name: taskName(task, this.shelf()),
      aim: aimOf(task),
    })),
  );

  protected pick(ingredient: Ingredient | null): void {
    this.ingredient.set(ingredient);
  }

  protected setMethod(method: string): void {
    this.chosenMethod.set(method as Method);
  }

  protected setTool(name: string): void {
    this.tool.set(name);
  }

  protected add(targetText: string, percentText: string): void {
    const [fill, tool] = [this.fill(), this.measure()];
    // What is left empty is as the tables have it.
    const typed = (text: string, usual: string | undefined): number | null =>
      decimal(text.trim() === '' ? (usual ?? '') : text);
    const target = typed(targetText, this.usual()?.grams);
    const percent = typed(percentText, this.usual()?.percent);
    this.problem.set(
      !fill || !tool
        ? 'Choose an ingredient first.'
        : !target
          ? 'Write the target in grams. For example: 125.'
          : !percent || percent > WIDEST_PERCENT
            ? `Write how far off is still good, in percent, up to ${WIDEST_PERCENT}.`
            : null,
    );
    if (this.problem() !== null || !fill || !tool) return;
    const { ingredient, form, method, millilitres } = fill;
    const task: ClassTask = {
      id: newId(),
      ingredientId: ingredient.id,
      form,
      method,
      tool: tool.name,
      millilitres,
      grams: target!,
      tolerance: percent! / 100,
    };
    this.tasks.update((all) => [...all, task]);
    this.ingredient.set(null);
  }

  protected remove(id: string): void {
    this.tasks.update((all) => all.filter((task) => task.id !== id));
  }

  protected save(name: string): void {
    const called = name.trim();
    this.problem.set(
      called === ''
        ? 'Give the class a name.'
        : this.tasks().length === 0
          ? 'Add a task first.'
          : null,
    );
    if (this.problem() === null) this.saved.emit({ name: called, tasks: [...this.tasks()] });
  }
}
