import { pageAsMarkdown, pageAsText, type PagePerson, type RecipePage } from '@alterum/core';
import { ClipboardCopy, FileText, Printer, Share2 } from 'lucide-react';
import { useNotices } from '../notices/notices';
import { Button } from '../ui/button';

interface ShareProps {
  readonly page: RecipePage;
  readonly people: readonly PagePerson[];
}

/** Copies a text; where the browser keeps its clipboard to itself (plain http), through a field that is selected. */
async function copied(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    const field = document.createElement('textarea');
    field.value = text;
    field.setAttribute('aria-hidden', 'true');
    field.className = 'fixed top-0 opacity-0';
    document.body.append(field);
    field.select();
    // The one way that is left without a secure address.
    const done = document.execCommand('copy');
    field.remove();
    return done;
  }
}

async function copy(text: string, what: string): Promise<void> {
  const done = await copied(text);
  useNotices
    .getState()
    .show(
      done
        ? `The recipe is copied ${what}.`
        : 'This browser does not let the page copy. Print it, or select it by hand.',
    );
}

/** Taking a page along: on paper, as text, as Markdown, by the sheet of the device. */
export function ShareRow({ page, people }: ShareProps) {
  return (
    <>
      {typeof navigator.share === 'function' && (
        <Button
          onClick={() =>
            void navigator
              .share({ title: page.title, text: pageAsText(page, people) })
              // Closing the sheet is no failure.
              .catch((error: unknown) => {
                if (!(error instanceof DOMException && error.name === 'AbortError'))
                  useNotices.getState().show('It could not be shared from here. Copy it instead.');
              })
          }
        >
          <Share2 size={17} aria-hidden /> Share
        </Button>
      )}
      <Button onClick={() => void copy(pageAsText(page, people), 'as text')}>
        <ClipboardCopy size={17} aria-hidden /> Copy text
      </Button>
      <Button onClick={() => void copy(pageAsMarkdown(page, people), 'as Markdown')}>
        <FileText size={17} aria-hidden /> Copy Markdown
      </Button>
      <Button look="yolk" onClick={() => window.print()}>
        <Printer size={17} aria-hidden /> Print
      </Button>
    </>
  );
}
