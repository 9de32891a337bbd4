/** How one form of a kept shape becomes the next; the last stands for the form it is written in now. */
export interface ShapeMigration {
  readonly to: number;
  readonly name: string;
  readonly up: (old: never) => unknown;
}

/** A shape that is kept as JSON. Its first form is 1; a change of form appends a migration. */
export interface StoredShape<T> {
  readonly name: string;
  readonly migrations: readonly ShapeMigration[];
  /** Only for the type: what the newest form holds. */
  readonly holds?: T;
}

export const storedShape = <T>(name: string, ...migrations: ShapeMigration[]): StoredShape<T> => ({
  name,
  migrations,
});

/** The number of the form that is written now. */
export const formOf = ({ migrations }: StoredShape<unknown>): number => migrations.at(-1)?.to ?? 1;

interface Stored {
  readonly form: number;
  readonly value: unknown;
}
const isStored = (kept: unknown): kept is Stored =>
  typeof kept === 'object' && kept !== null && 'form' in kept && 'value' in kept;

/** What is kept of a value: itself and the number of its form. */
export const storedOf = <T>(shape: StoredShape<T>, value: T): Stored => ({ form: formOf(shape), value });

/**
 * The value of what was kept, brought to the form of today.
 * @param kept what was written, or a bare value from before shapes carried a number, which is its first form
 * @throws RangeError for a form that only a newer program knows
 */
export function valueOfStored<T>(shape: StoredShape<T>, kept: unknown): T {
  const { form, value } = isStored(kept) ? kept : { form: 1, value: kept };
  if (form > formOf(shape))
    throw new RangeError(
      `${shape.name} is kept in form ${form}, which a newer version wrote; this one knows ${formOf(shape)}`,
    );
  return shape.migrations
    .filter(({ to }) => to > form)
    .reduce<unknown>((old, { up }) => up(old as never), value) as T;
}
