// jsdom with what a browser has and jsdom has not: fetch and its kin, streams, structured clones.
const { TestEnvironment } = require('jest-environment-jsdom');

module.exports = class extends TestEnvironment {
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
  }
};
