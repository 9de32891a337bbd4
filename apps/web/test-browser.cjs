const { webcrypto } = require('node:crypto');
const { TextDecoder, TextEncoder } = require('node:util');

/** Sizes never change in a test browser. */
class ResizeObserver {
  observe() {}
  disconnect() {}
}

/** The test browser lacks what every real one has, and the app asks for it. */
Object.assign(globalThis, { TextDecoder, TextEncoder, ResizeObserver });
if (!globalThis.crypto?.getRandomValues)
  Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });
