import { type Saving, useSaving } from './saving';

const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

function wordsFor(saving: Saving): { readonly mark: string; readonly text: string } | undefined {
  switch (saving.kind) {
    case 'nothing':
      return undefined;
    case 'saved':
      return { mark: '●', text: `saved ${time.format(saving.at)}` };
    case 'unsaved':
    case 'saving':
      return { mark: '◐', text: 'saving …' };
    case 'offline':
      return saving.kept
        ? { mark: '○', text: 'kept here, server away' }
        : { mark: '!', text: 'not kept: server away, browser full' };
    case 'gone':
      return { mark: '!', text: 'deleted elsewhere' };
    case 'refused':
      return { mark: '!', text: `not saved: ${saving.message}` };
    case 'conflict':
      return { mark: '!', text: 'changed elsewhere' };
  }
}

/** Says in the rim whether the work is on the server. */
export function SaveState() {
  const words = wordsFor(useSaving((state) => state.saving));
  if (!words) return null;
  return (
    <span className="flex items-center gap-1.5 whitespace-nowrap" data-testid="save-state">
      <span aria-hidden>{words.mark}</span> <span className="sr-only sm:not-sr-only">{words.text}</span>
    </span>
  );
}
