/** A value that can be watched: `subscribe` and `snapshot` are what React's external store hook asks for. */
export class Observable<T> {
  private readonly listeners = new Set<() => void>();

  constructor(private value: T) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): T => this.value;

  update(change: Partial<T>): void {
    this.value = { ...this.value, ...change };
    for (const listener of this.listeners) listener();
  }
}
