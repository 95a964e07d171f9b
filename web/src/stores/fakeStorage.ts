// For tests in Node: the browser's storage, as far as the stores use it.

/** The browser's storage, as far as the stores use it; `full` refuses like a browser out of room. */
class FakeStorage {
  readonly items = new Map<string, string>();
  full = false;
  getItem(key: string): string | null {
    return this.items.get(key) ?? null;
  }
  setItem(key: string, value: string): void {
    if (this.full) throw new Error('QuotaExceededError');
    this.items.set(key, value);
  }
  removeItem(key: string): void {
    this.items.delete(key);
  }
}

export const storage = new FakeStorage();
Object.assign(globalThis, { localStorage: storage });
