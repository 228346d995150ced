/** What was worked out, kept until something that it was worked out from is another; of very many the oldest go. */
export class Remembered<T> {
  private readonly known = new Map<string, { readonly by: string; readonly value: T }>();

  constructor(private readonly most: number) {}

  /** What is known as it stands now. @param by all that it is worked out from, as text */
  find(id: string, by: string): T | undefined {
    const before = this.known.get(id);
    return before?.by === by ? before.value : undefined;
  }

  get(id: string, by: string, make: () => T): T {
    const before = this.known.get(id);
    if (before?.by === by) return before.value;
    const value = make();
    const oldest = this.known.keys().next();
    if (!before && this.known.size >= this.most && !oldest.done) this.known.delete(oldest.value);
    this.known.set(id, { by, value });
    return value;
  }
}
