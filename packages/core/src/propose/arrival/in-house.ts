/** Whether something is in the house, as far as anything was said of it; water always is. */
export const mayBeInHouse = (inHouse: ReadonlySet<string> | undefined, id: string): boolean =>
  id === 'water' || inHouse === undefined || inHouse.has(id);
