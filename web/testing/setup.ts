// What every interface test in jsdom begins with: matchers, and the few things of a browser that jsdom does not draw.
import '@testing-library/jest-dom';
import { cleanup, configure } from '@testing-library/react';

configure({
  asyncUtilTimeout: 20_000,
  // Whether each of a thousand marks can be seen is not asked: what has to be visible is expected to be.
  defaultHidden: true,
  // A page is long; what was looked for says enough.
  getElementError: (message) => new Error(message ?? 'not found'),
});
jest.setTimeout(90_000);

class NoObserver {
  observe(): void {
    // nothing is ever resized here
  }
  unobserve(): void {
    // as above
  }
  disconnect(): void {
    // as above
  }
}

Object.assign(globalThis, { ResizeObserver: NoObserver, IntersectionObserver: NoObserver });
Blob.prototype.text ??= function (this: Blob) {
  return new Promise((yes, no) => {
    const reader = new FileReader();
    reader.onload = () => {
      yes(reader.result as string);
    };
    reader.onerror = () => {
      no(new Error('unreadable'));
    };
    reader.readAsText(this);
  });
};
Object.assign(URL, { createObjectURL: () => 'blob:test', revokeObjectURL: () => undefined });
Element.prototype.scrollTo = () => undefined;
Element.prototype.scrollIntoView = () => undefined;
HTMLDialogElement.prototype.showModal = function (this: HTMLDialogElement) {
  this.open = true;
};
HTMLDialogElement.prototype.close = function (this: HTMLDialogElement) {
  if (!this.open) return;
  this.open = false;
  this.dispatchEvent(new Event('close'));
};
window.print = () => undefined;

// Answers of the server and of workers come when they come; what is looked at is waited for, so nothing has to be told beforehand.
const said = console.error;
console.error = (...words: unknown[]) => {
  if (!String(words[0]).includes('not wrapped in act')) said(...words);
};

afterEach(() => {
  cleanup();
});
