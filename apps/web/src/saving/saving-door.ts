/** What every document has that is kept on the server with versions. */
export interface SavedView {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
}

/** A document that is open: on which version of the server it builds, and what stands in it now. */
export interface OpenWork<Work> {
  readonly id: string;
  readonly version: number;
  readonly work: Work;
}

/** What saving has to know of one kind of document. */
export interface SavingDoor<View extends SavedView, Content extends { readonly name: string }, Work> {
  readonly open: () => OpenWork<Work> | undefined;
  /** Calls back after every change of anything that is open. @returns how to stop */
  readonly watch: (changed: () => void) => () => void;
  readonly put: (at: { readonly id: string; readonly version: number }, work: Work) => void;
  readonly rebase: (id: string, version: number) => void;
  readonly contentOf: (work: Work) => Content;
  readonly workOf: (content: Content) => Work;
  /** What stands in it is fetched before it is shown. */
  readonly know: (content: Content) => Promise<void>;
  readonly update: (id: string, body: Content & { readonly version: number }) => Promise<View>;
  readonly restore: (id: string) => Promise<SavedView>;
  readonly create: (content: Content) => Promise<View>;
}
