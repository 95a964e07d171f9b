// A page without a browser: happy-dom, with what a browser has and it has not, or has only by name.
const { default: HappyDomEnvironment } = require('@happy-dom/jest-environment');

module.exports = class extends HappyDomEnvironment {
  constructor(...args) {
    super(...args);
    Object.assign(this.global, {
      fetch,
      Request,
      Response,
      Headers,
      AbortController,
      AbortSignal,
      structuredClone,
      TextEncoder,
      TextDecoder,
      ReadableStream,
      TransformStream,
      WritableStream,
      setImmediate,
      clearImmediate,
      // Buffers of Node and arrays of the page must be of one kind.
      Uint8Array,
      ArrayBuffer,
    });
    // Nobody holds a lock here: there is one page.
    for (const at of [this.global.navigator, Object.getPrototypeOf(this.global.navigator)])
      delete at.locks;
  }

  async teardown() {
    // The page is thrown away with all it still waits for: it is told to stop, and not waited for, which can take for ever.
    const { happyDOM } = this.global;
    const abort = happyDOM.abort.bind(happyDOM);
    happyDOM.abort = () => {
      abort().catch(() => undefined);
      return Promise.resolve();
    };
    await super.teardown();
  }
};
