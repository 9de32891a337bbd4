/** What was sent, as it is kept: what was left out is left out, and not kept as null by an upsert. */
export const asPlain = <T extends object>(sent: T): T => JSON.parse(JSON.stringify(sent)) as T;
