/** Bytes of a random id. */
const BYTES = 16;

/**
 * A random id in the usual form of a UUID. Browsers keep `crypto.randomUUID` for secure contexts; a kitchen's server on the home network is
 * plain http, where only `getRandomValues` is there.
 */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(BYTES));
  // Version 4, variant 1. @source RFC 9562
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}
