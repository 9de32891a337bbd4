/** Runs a search to its end without looking up. */
export function finish<T, R>(search: Generator<T, R>): R {
  let turn = search.next();
  while (!turn.done) turn = search.next();
  return turn.value;
}
