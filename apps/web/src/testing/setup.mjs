/** What a browser has and the test's document has not. */
if (typeof window !== 'undefined') {
  Object.assign(globalThis, {
    matchMedia: () => ({ matches: false, addEventListener() {}, removeEventListener() {} }),
    ResizeObserver: class {
      observe() {}
      unobserve() {}
      disconnect() {}
    },
    CSS: { escape: (text) => text.replace(/[^\w-]/g, (sign) => `\\${sign}`) },
  });
  File.prototype.arrayBuffer = function () {
    const reader = new FileReader();
    reader.readAsArrayBuffer(this);
    return new Promise((resolve) => reader.addEventListener('load', () => resolve(reader.result)));
  };
  Element.prototype.scrollTo = () => undefined;
  // Nothing is laid out: what draws only the rows in sight needs a height to see some in.
  Object.defineProperties(Element.prototype, {
    clientHeight: { configurable: true, value: 800 },
    clientWidth: { configurable: true, value: 900 },
  });
}
