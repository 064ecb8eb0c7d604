import { Injectable, computed, linkedSignal } from '@angular/core';
import type { BakeReading, LineState } from '@ypsigram/core/bench';
import { BakeSession } from '../../../state/bake/bake-session';
import { shiftLine } from '../tray/move-line';

/** The bake that is open at the bench: what is at hand, and in what order. */
@Injectable()
export class BenchSession extends BakeSession {
  /** The lines in the order of the work. */
  readonly inOrder = computed((): readonly LineState[] => {
    const state = this.state();
    if (!state) return [];
    const byId = new Map(state.lines.map((line) => [line.line.id, line]));
    return state.bowls.flatMap(({ lines }) => lines.flatMap((id) => byId.get(id) ?? []));
  });
  /** What is to be done now: in the evening only what was chosen for it. */
  readonly toDo = computed(() => {
    const isEvening = this.state()?.isEvening ?? false;
    const open = this.inOrder().filter(
      ({ fullness, isTonight }) => fullness !== 'full' && (!isEvening || isTonight),
    );
    // A top-up comes first: it is forgotten once the next bowl stands there.
    return [...open.filter(({ isTopUp }) => isTopUp), ...open.filter(({ isTopUp }) => !isTopUp)];
  });

  /** The line at hand: the one that was chosen, else the first that is still to do. */
  readonly currentId = linkedSignal<
    { readonly bakeId: string | null; readonly first: string | null },
    string | null
  >({
    source: () => ({
      bakeId: this.bake()?.id ?? null,
      first: this.toDo()[0]?.line.id ?? this.inOrder()[0]?.line.id ?? null,
    }),
    computation: ({ bakeId, first }, before) =>
      before?.value && before.source.bakeId === bakeId ? before.value : first,
  });
  readonly current = computed(
    () => this.inOrder().find(({ line }) => line.id === this.currentId()) ?? null,
  );
  readonly isAllDone = computed(() => this.inOrder().length > 0 && this.toDo().length === 0);

  override undo(): BakeReading | null {
    const last = super.undo();
    if (last && 'line' in last.act) this.currentId.set(last.act.line);
    return last;
  }

  go(id: string): void {
    this.currentId.set(id);
  }

  /** To the first line that is still to do. */
  goToFirst(): void {
    const first = this.toDo()[0];
    if (first) this.currentId.set(first.line.id);
  }

  /** To the next line that is still to do, top-ups first, then round the end; stays where nothing is. */
  goOn(): void {
    const topUp = this.toDo().find(({ isTopUp, line }) => isTopUp && line.id !== this.currentId());
    if (topUp) return this.go(topUp.line.id);
    const order = this.inOrder();
    const here = order.findIndex(({ line }) => line.id === this.currentId());
    const open = new Set(this.toDo().map(({ line }) => line.id));
    const after = [...order.slice(here + 1), ...order.slice(0, here)];
    const next = after.find(({ line }) => open.has(line.id));
    if (next) this.currentId.set(next.line.id);
  }

  /** Moves the line at hand one place earlier or later. */
  shift(by: 1 | -1): void {
    const [bowls, id] = [this.state()?.bowls, this.currentId()];
    if (!bowls || !id) return;
    const moved = shiftLine(bowls, id, by);
    if (moved !== bowls) this.do({ do: 'arrange', bowls: moved });
  }

  step(by: 1 | -1): void {
    const order = this.inOrder();
    const here = order.findIndex(({ line }) => line.id === this.currentId());
    const next = order[here + by];
    if (next) this.currentId.set(next.line.id);
  }
}
