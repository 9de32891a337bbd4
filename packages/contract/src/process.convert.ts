/** A base with what was said in place of it; what was left out keeps the base's. */
export const completed = <T extends object>(base: T, said: Partial<T> | undefined): T => ({
  ...base,
  ...(Object.fromEntries(
    Object.entries(said ?? {}).filter(([, value]) => value !== undefined),
  ) as Partial<T>),
});
