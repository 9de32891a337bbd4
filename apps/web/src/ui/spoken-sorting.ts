import type { Announcements, DndContextProps } from '@dnd-kit/core';

/**
 * What is heard while something is taken to another place by keys: names and places, where the package would speak ids.
 * @param nameOf what a thing is called; undefined where it is gone
 */
export function spokenSorting(
  ids: readonly string[],
  nameOf: (id: string) => string | undefined,
): NonNullable<DndContextProps['accessibility']> {
  const called = (id: string | number | undefined): string => nameOf(String(id)) ?? 'It';
  const place = (id: string | number | undefined): string =>
    `place ${ids.indexOf(String(id)) + 1} of ${ids.length}`;
  const taken = (id: string | number): string => `${called(id)} is taken, from ${place(id)}.`;
  const announcements: Announcements = {
    onDragStart: ({ active }) => taken(active.id),
    // Over its own place it begins, and comes back to.
    onDragOver: ({ active, over }) => {
      if (!over) return undefined;
      return over.id === active.id
        ? taken(active.id)
        : `${called(active.id)} would come to ${place(over.id)}.`;
    },
    onDragEnd: ({ active, over }) =>
      over
        ? `${called(active.id)} was put down at ${place(over.id)}.`
        : `${called(active.id)} stays where it was.`,
    onDragCancel: ({ active }) => `${called(active.id)} stays where it was.`,
  };
  return {
    announcements,
    screenReaderInstructions: {
      draggable:
        'Press space to take it, the arrow keys to move it, space again to put it down, Escape to leave it where it was.',
    },
  };
}
