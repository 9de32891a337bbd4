/** Work that a second press does not begin again while the first is under way: two presses on “New” make one. */
export function onceAtATime<Given extends readonly unknown[]>(
  work: (...given: Given) => Promise<void>,
): (...given: Given) => Promise<void> {
  let underWay: Promise<void> | undefined;
  return (...given) => {
    underWay ??= work(...given).finally(() => (underWay = undefined));
    return underWay;
  };
}
