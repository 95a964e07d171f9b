// What every test of screens begins with: matchers, and the few things of a browser that are not there without one.
import '@testing-library/jest-dom';
import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { houseOpen } from './opened';
import { catchFiles, forgetFiles } from './taken';

configure({
  asyncUtilTimeout: 30_000,
  // A page is long; what was looked for says enough.
  getElementError: (message) => new Error(message ?? 'not found'),
});
jest.setTimeout(180_000);

/** Everything is as large as an ordinary desk's window: drawings have room, lists have rows in sight. */
const SIZE = { width: 900, height: 600 };
class OneSize {
  constructor(private readonly told: ResizeObserverCallback) {}
  observe(target: Element): void {
    const box = [{ inlineSize: SIZE.width, blockSize: SIZE.height }];
    const entry = { target, contentRect: SIZE, borderBoxSize: box, contentBoxSize: box };
    this.told([entry as unknown as ResizeObserverEntry], this);
  }
  unobserve(): void {
    // nothing is ever resized here
  }
  disconnect(): void {
    // as above
  }
}
for (const side of ['client', 'offset'])
  for (const [of, value] of Object.entries({ Width: SIZE.width, Height: SIZE.height }))
    for (const { prototype } of [HTMLElement, SVGElement])
      Object.defineProperty(prototype, `${side}${of}`, { configurable: true, value });

/** A pointer as far as drags ask: where it is, and which it is. */
class Pointer extends MouseEvent {
  readonly pointerId: number;
  constructor(type: string, init: PointerEventInit = {}) {
    super(type, init);
    this.pointerId = init.pointerId ?? 0;
  }
}

Object.assign(globalThis, { ResizeObserver: OneSize, PointerEvent: Pointer });
const readBy = <R>(start: (reader: FileReader) => void): Promise<R> =>
  new Promise((yes, no) => {
    const reader = new FileReader();
    reader.onload = () => {
      yes(reader.result as R);
    };
    reader.onerror = () => {
      no(new Error('unreadable'));
    };
    start(reader);
  });
Object.assign(Blob.prototype, {
  text(this: Blob): Promise<string> {
    return readBy<string>((reader) => {
      reader.readAsText(this);
    });
  },
  arrayBuffer(this: Blob): Promise<ArrayBuffer> {
    return readBy<ArrayBuffer>((reader) => {
      reader.readAsArrayBuffer(this);
    });
  },
});
catchFiles();
// The whole page would be walked for every label each time a field is asked for its own; this asks the labels.
for (const field of [HTMLInputElement, HTMLSelectElement, HTMLTextAreaElement, HTMLButtonElement])
  Object.defineProperty(field.prototype, 'labels', {
    configurable: true,
    get(this: HTMLElement) {
      return [...this.ownerDocument.getElementsByTagName('label')].filter((label) =>
        label.htmlFor === '' ? label.contains(this) : label.htmlFor === this.id,
      );
    },
  });
Element.prototype.scrollTo = () => undefined;
Element.prototype.scrollIntoView = () => undefined;
Element.prototype.setPointerCapture = () => undefined;
Element.prototype.releasePointerCapture = () => undefined;
Element.prototype.hasPointerCapture = () => false;
HTMLDialogElement.prototype.showModal = function (this: HTMLDialogElement) {
  this.open = true;
};
HTMLDialogElement.prototype.close = function (this: HTMLDialogElement) {
  if (!this.open) return;
  this.open = false;
  this.dispatchEvent(new Event('close'));
};
HTMLCanvasElement.prototype.getContext = () => null;
window.print = () => undefined;
window.scrollTo = () => undefined;

// Where the whole application is open, answers of its server and workers come when they come; what is looked at is waited for. Elsewhere
// a part that changes behind a test's back fails it.
const said = console.error;
const behindItsBack: string[] = [];
console.error = (...words: unknown[]) => {
  const [first] = words.map(String);
  if (first?.includes('not wrapped in act')) {
    if (!houseOpen()) behindItsBack.push(String(words[1]));
    return;
  }
  said(...words);
  // What a browser would mend in its own way.
  if (/cannot be a (descendant|child)|cannot contain|unique "key"|Received `?NaN/.test(first ?? ''))
    behindItsBack.push(String(words));
};

afterEach(() => {
  cleanup();
  forgetFiles();
  expect(behindItsBack.splice(0)).toEqual([]);
});
