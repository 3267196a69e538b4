/** Keeps the values asked for last, at most `size` of them; the one not asked for longest goes first. */
export class Recent<K, V> {
  private readonly held = new Map<K, V>();

  constructor(private readonly size: number) {}

  get(key: K, make: () => V): V {
    const known = this.held.get(key);
    const value = known ?? make();
    if (known !== undefined) this.held.delete(key);
    else if (this.held.size >= this.size) this.held.delete(this.held.keys().next().value as K);
    this.held.set(key, value);
    return value;
  }
}
