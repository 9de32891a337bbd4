import type { Method } from '../recipe/method/operation.js';

/** What is done to a thing with so many min of frying more: what is fried is fried longer, what is not is fried. */
export function friedFor(ready: Method, minutes: number): Method {
  const standing = ready.find(({ kind }) => kind === 'fry');
  return standing
    ? ready.map((one) => (one === standing ? { ...one, minutes: (Number(one.minutes) || 0) + minutes } : one))
    : [...ready, { kind: 'fry', minutes, flame: 'medium' }];
}
