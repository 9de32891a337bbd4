import type { EveningBody } from '@alterum/contract';

type CookNamed = NonNullable<EveningBody['named']>[number];
type Evening = Readonly<EveningBody>;

/** A name for a cook of whom none is known, that no other has. */
function freeName(taken: readonly string[], at: number): string {
  for (let k = at + 1; ; k++) if (!taken.includes(`Cook ${k}`)) return `Cook ${k}`;
}

/** So many cooks, those named so far among them. */
export function cooksCounted({ named = [] }: Evening, cooks: number): Pick<EveningBody, 'cooks' | 'named'> {
  if (named.length === 0) return { cooks, named: [] };
  const next = named.slice(0, cooks);
  while (next.length < cooks)
    next.push({
      name: freeName(
        next.map(({ name }) => name),
        next.length,
      ),
    });
  return { cooks, named: next };
}

/** Every cook of the evening with a name of some kind. */
export const cooksShown = ({ named = [], cooks }: Evening): readonly CookNamed[] =>
  named.length > 0 ? named : Array.from({ length: cooks }, (_, i) => ({ name: `Cook ${i + 1}` }));

/** One cook is called otherwise, or comes at other times; a name that another has is not taken. */
export function cookChanged(
  evening: Evening,
  at: number,
  change: { readonly name?: string; readonly from?: number | undefined; readonly to?: number | undefined },
): Evening {
  const cooks = cooksShown(evening);
  const name = change.name?.trim();
  if (name !== undefined && (name === '' || cooks.some((cook, i) => i !== at && cook.name === name)))
    return evening;
  const named = cooks.map((cook, i) => {
    if (i !== at) return cook;
    const { from, to } = { ...cook, ...change };
    return {
      name: name ?? cook.name,
      ...(from === undefined ? {} : { from }),
      ...(to === undefined ? {} : { to }),
    };
  });
  return { ...evening, cooks: named.length, named };
}
