/** Something that lies on the simulated scale. */
export interface Load {
  readonly id: number;
  readonly name: string;
  readonly grams: number;
  readonly kind: 'container' | 'ingredient';
  readonly ingredientId: string | null;
}

/** What lies on the simulated scale, in the order in which it was put there. */
export class ScaleLoads {
  private list: readonly Load[] = [];
  private nextId = 1;

  all(): readonly Load[] {
    return this.list;
  }

  grams(): number {
    return this.list.reduce((sum, load) => sum + load.grams, 0);
  }

  put(load: Omit<Load, 'id'>): Load {
    const put = { ...load, id: this.nextId++ };
    this.list = [...this.list, put];
    return put;
  }

  /** Makes a load heavier: what pours onto it. */
  add(id: number, grams: number): void {
    this.list = this.list.map((load) =>
      load.id === id ? { ...load, grams: load.grams + grams } : load,
    );
  }

  /** Whether there was such a load. */
  takeOff(id: number): boolean {
    const before = this.list.length;
    this.list = this.list.filter((load) => load.id !== id);
    return this.list.length < before;
  }

  clear(): void {
    this.list = [];
  }
}
