const { TextDecoder, TextEncoder } = require('node:util');

/** The test browser lacks what every real one has, and the router asks for it. */
Object.assign(globalThis, { TextDecoder, TextEncoder });
