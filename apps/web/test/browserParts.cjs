// What antd and the router ask of a browser and jsdom does not have.
const { TextEncoder, TextDecoder } = require('node:util');
const { ReadableStream, TransformStream } = require('node:stream/web');

Object.assign(globalThis, { TextEncoder, TextDecoder, ReadableStream, TransformStream });
window.matchMedia ??= () => ({
  matches: false,
  addListener() {},
  removeListener() {},
  addEventListener() {},
  removeEventListener() {},
});
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};
// With a pseudo element jsdom prints a page of "not implemented" for each antd table.
const style = window.getComputedStyle.bind(window);
window.getComputedStyle = (element) => style(element);
