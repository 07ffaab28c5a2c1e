// Kinds are loaded when they are used, and known from then on.

/** How each of some kinds is loaded, by its name. */
type Loaders<Kinds> = { readonly [K in keyof Kinds]: () => Promise<Kinds[K]> };

export class Registry<Kinds> {
  private readonly loaded: Partial<Kinds> = {};

  constructor(private readonly loaders: Loaders<Kinds>) {}

  /** The names of all there are. */
  get names(): (keyof Kinds)[] {
    return Object.keys(this.loaders) as (keyof Kinds)[];
  }

  has(name: string): boolean {
    return name in this.loaders;
  }

  /** Load those of these names that are not known yet. Rejects when one cannot be fetched, and may be called again. */
  async load(names: Iterable<keyof Kinds>): Promise<void> {
    await Promise.all(
      [...new Set(names)].map(async (name) => (this.loaded[name] ??= await this.loaders[name]())),
    );
  }

  /** Throws Error when the kind was not loaded. */
  get<K extends keyof Kinds>(name: K): Kinds[K] {
    const kind = this.loaded[name];
    if (!kind) throw new Error(`The kind ${String(name)} is not loaded.`);
    return kind;
  }
}
