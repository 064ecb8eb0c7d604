import { allergenText, fixed, METHOD_NAMES, short, weightText } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import {
  methodsForLine,
  substitutesFor,
  type LineChoice,
  type PlanLine,
  type Substitute,
} from '@ypsigram/core/batch';
import { toolsIn, type Drawer } from '@ypsigram/core/drawer';
import { onScaleGrid } from '@ypsigram/core/fills';
import type { Method, Shelf } from '@ypsigram/core/catalogue';
import type { Line } from '@ypsigram/core/reading';
import { decimal, grams } from '../../../kit/figures/figures';
import { optional, positive, problemOfTyped } from '../../../kit/forms/rules';
import type { Decision } from '../../../state/recipe/recipe.actions';

const keyOf = ({ ingredientId, form }: Pick<Substitute, 'ingredientId' | 'form'>): string =>
  `${ingredientId}|${form ?? ''}`;

const WEIGHT = optional(positive(Infinity, 'Write the weight in grams, for example 130 or 12.5.'));

/** So little is no difference at all. */
const EXACT = 0.0005;

/** What a substitute changes beside its weight. */
function changesOf({ gramsEach, waterMore, gained, lost }: Substitute): string {
  const more = waterMore > 0 ? 'more' : 'less';
  return [
    gramsEach === 1 ? 'gram for gram' : `${short(gramsEach, 2)} g for every gram`,
    ...(waterMore === 0
      ? []
      : [`the dough needs about ${Math.abs(waterMore)} g ${more} water for every 100 g`]),
    gained.length > 0 ? `adds the allergen ${allergenText(gained)}` : 'adds no allergen',
    ...(lost.length > 0 ? [`without ${lost.join(', ')}`] : []),
  ].join('; ');
}

/** What a baker decides of one line: its weight, its kind, the tools, whether it is weighed. */
@Component({
  selector: 'yg-line-decisions',
  templateUrl: './line-decisions.html',
  styleUrl: './line-decisions.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LineDecisions {
  readonly line = input.required<Line>();
  readonly plan = input.required<PlanLine>();
  readonly choice = input.required<LineChoice>();
  readonly factor = input.required<number>();
  readonly shelf = input.required<Shelf>();
  readonly drawer = input.required<Drawer>();
  readonly decided = output<Decision>();
  readonly methodChosen = output<Method>();

  protected readonly problem = signal<string | null>(null);
  protected readonly methodNames = METHOD_NAMES;
  /** The ways in which what goes in can be filled. */
  protected readonly methods = computed(() => {
    const { substitute } = this.plan();
    const line = this.line();
    return methodsForLine(
      substitute ? { ...line, ingredientId: substitute.ingredientId } : line,
      this.shelf(),
    );
  });
  protected readonly pinned = computed(() => {
    const { grams: atOnce } = this.choice();
    return atOnce === undefined ? '' : String(Number((atOnce * this.factor()).toPrecision(10)));
  });
  protected readonly meant = computed(() => {
    const { intended } = this.plan();
    return intended ? grams(intended.grams) : '';
  });
  protected readonly kinds = computed(() =>
    substitutesFor(this.line(), this.shelf()).map((one) => ({ key: keyOf(one), name: one.name })),
  );
  protected readonly written = computed(() => {
    const { ingredientId } = this.line();
    return ingredientId === null ? '' : (this.shelf().ingredient(ingredientId)?.name ?? '');
  });
  protected readonly kind = computed(() => {
    const { instead } = this.choice();
    return instead ? keyOf(instead) : '';
  });
  protected readonly changes = computed(() => {
    const { substitute } = this.plan();
    return substitute && changesOf(substitute);
  });
  /** Things to fill, each once: a jug is all its marks. */
  protected readonly tools = computed(() => {
    return [...new Set(toolsIn(this.drawer()).map(({ wash }) => wash))];
  });
  protected readonly tool = computed(() => this.choice().tools?.[0] ?? '');
  protected readonly isFilled = computed(
    () => this.plan().measure !== null && this.plan().measure!.method !== 'count',
  );
  protected readonly hasAny = computed(() => Object.keys(this.choice()).length > 0);

  /** What the fills really come to, which the line leaves out while that is near enough. */
  protected readonly comesTo = computed(() => {
    const { measure, gap } = this.plan();
    if (!measure || gap === null) return null;
    const off = `${fixed(100 * Math.abs(gap), 1)} %`;
    const said = Math.abs(gap) < EXACT ? 'just as meant' : `${off} ${gap < 0 ? 'under' : 'over'}`;
    return `These fills weigh ${weightText(onScaleGrid(measure.grams))}, ${said}.`;
  });

  protected choose(method: string): void {
    this.methodChosen.emit(method as Method);
  }

  protected pin(text: string): void {
    this.problem.set(problemOfTyped(WEIGHT, text));
    if (this.problem() !== null) return;
    const mass = decimal(text);
    this.decided.emit({ grams: mass === null ? undefined : mass / this.factor() });
  }

  protected replace(key: string): void {
    const found = substitutesFor(this.line(), this.shelf()).find((one) => keyOf(one) === key);
    this.decided.emit({
      instead: found && { ingredientId: found.ingredientId, form: found.form },
    });
  }

  protected keepTo(tool: string): void {
    this.decided.emit({ tools: tool === '' ? undefined : [tool] });
  }

  protected weigh(isWeighed: boolean): void {
    this.decided.emit({ weighed: isWeighed || undefined });
  }

  protected reset(): void {
    this.problem.set(null);
    this.decided.emit({
      grams: undefined,
      instead: undefined,
      tools: undefined,
      weighed: undefined,
      nearest: undefined,
      premix: undefined,
    });
  }
}
