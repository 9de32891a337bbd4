import type { SavingDoor, SavedView } from './saving-door';

/** What the server holds of the document that is open. */
export interface SavedWork<Work> {
  readonly isDirty: () => boolean;
  /** Whether what is open is still that document, on that version. */
  readonly buildsOn: (id: string, version: number) => boolean;
  readonly mark: (id: string, work: Work) => void;
  /** What the server holds is no longer what stands here. */
  readonly forget: () => void;
}

export function savedWorkOf<View extends SavedView, Content extends { readonly name: string }, Work>(
  door: Pick<SavingDoor<View, Content, Work>, 'open'>,
): SavedWork<Work> {
  let saved: { readonly id: string; readonly work: Work } | undefined;
  return {
    isDirty: () => {
      const open = door.open();
      return open !== undefined && (saved?.id !== open.id || saved.work !== open.work);
    },
    buildsOn: (id, version) => {
      const open = door.open();
      return open?.id === id && open.version === version;
    },
    mark: (id, work) => {
      saved = { id, work };
    },
    forget: () => {
      saved = undefined;
    },
  };
}
