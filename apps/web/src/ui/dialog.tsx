import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { Button } from './button';

interface DialogProps {
  readonly title: string;
  readonly description?: string;
  readonly close: () => void;
  /** Two columns want room. */
  readonly wide?: boolean;
  /** Whether something is typed in it that closing would lose: then it asks first. */
  readonly dirty?: boolean;
  readonly children: ReactNode;
}

/** What is typed is not dropped unasked: going on is lit, and Escape goes on too. */
function AskBeforeLeaving({ goOn, leave }: { readonly goOn: () => void; readonly leave: () => void }) {
  return (
    <div
      role="alert"
      className="sticky top-0 z-10 my-2 flex flex-wrap items-center gap-2 rounded-lg border-2 border-ask bg-glaze p-2"
    >
      <b className="mr-auto">What you typed is not kept yet.</b>
      <Button look="yolk" autoFocus onClick={goOn}>
        Go on with it
      </Button>
      <Button onClick={leave}>Leave it</Button>
    </div>
  );
}

/** A modal plate over the kitchen; Escape and the cross close it. */
export function Dialog({ title, description, close, wide = false, dirty = false, children }: DialogProps) {
  const [opener] = useState(() => document.activeElement);
  const [asking, setAsking] = useState(false);
  const leave = () => {
    if (!dirty) close();
    else setAsking(!asking);
  };
  return (
    <Radix.Root open onOpenChange={(open) => !open && leave()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Radix.Content
          onCloseAutoFocus={(event) => {
            // What opened it may be gone (a menu, a line); then the net finds the next best place.
            if (!(opener instanceof HTMLElement) || !opener.isConnected || opener === document.body) return;
            event.preventDefault();
            if (document.activeElement === document.body) opener.focus();
          }}
          className={`plate fixed left-1/2 top-[8vh] z-50 max-h-[84dvh] -translate-x-1/2 overflow-auto p-5 shadow-2xl ${wide ? 'w-[min(1080px,96vw)]' : 'w-[min(640px,94vw)]'}`}
          // A list that is open in a field is closed by Escape before the dialog is.
          onEscapeKeyDown={(event) => {
            if (document.activeElement?.hasAttribute('data-keeps-escape')) event.preventDefault();
          }}
          // What is sent in here is not sent in the form that it was opened from as well: events pass through portals.
          onSubmit={(event) => event.stopPropagation()}
          {...(description ? {} : { 'aria-describedby': undefined })}
        >
          <div className="flex items-start justify-between gap-4">
            <Radix.Title className="text-xl">{title}</Radix.Title>
            <Radix.Close className="tap grid place-items-center rounded-lg" aria-label="Close">
              <X size={18} aria-hidden />
            </Radix.Close>
          </div>
          {description && <Radix.Description className="mb-3 text-soft">{description}</Radix.Description>}
          {asking && <AskBeforeLeaving goOn={() => setAsking(false)} leave={close} />}
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
