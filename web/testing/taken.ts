// What the page gave away as files, caught where a browser would save it.
const blobs: Blob[] = [];
const given: { readonly name: string; readonly blob: Blob }[] = [];

/** Stands in for the browser's downloads; called once for a test file. */
export function catchFiles(): void {
  URL.createObjectURL = (what) => {
    blobs.push(what as Blob);
    return 'blob:test';
  };
  URL.revokeObjectURL = () => undefined;
  const click = Object.getOwnPropertyDescriptor(HTMLElement.prototype, 'click')?.value as
    (() => void) | undefined;
  HTMLAnchorElement.prototype.click = function (this: HTMLAnchorElement) {
    const blob = blobs.at(-1);
    if (this.download === '' || !blob) click?.call(this);
    else given.push({ name: this.download, blob });
  };
}

/** Nothing was taken yet. */
export function forgetFiles(): void {
  given.length = 0;
}

/** The file taken last; undefined while there is none. */
export async function lastTaken(): Promise<{ name: string; text: string } | undefined> {
  const last = given.at(-1);
  return last && { name: last.name, text: await last.blob.text() };
}

/** The bytes of the file taken last. */
export async function lastBytes(): Promise<Uint8Array<ArrayBuffer>> {
  const last = given.at(-1);
  return new Uint8Array((await last?.blob.arrayBuffer()) ?? new ArrayBuffer());
}
