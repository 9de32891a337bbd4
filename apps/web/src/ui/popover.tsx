import { Popover as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface PopoverProps {
  readonly trigger: ReactNode;
  readonly label: string;
  readonly children: ReactNode;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly side: 'top' | 'bottom' | 'left' | 'right';
}

/** Beside a button there is no room on a phone or an upright tablet. */
const narrow = (): boolean => window.matchMedia('(max-width: 1023px)').matches;

/** A small plate beside what opened it. */
export function Popover({ trigger, label, children, open, onOpenChange, side }: PopoverProps) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Trigger asChild>{trigger}</Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          side={narrow() ? 'bottom' : side}
          align="start"
          sideOffset={6}
          collisionPadding={10}
          aria-label={label}
          // Escape leaves a field that is being typed in as it was; the next one closes the plate.
          onEscapeKeyDown={(event) =>
            document.activeElement?.matches('[data-draft]') && event.preventDefault()
          }
          // Never so low that hardly a line is seen: below that it goes to the other side.
          className="plate z-40 max-h-[min(70vh,max(40vh,var(--radix-popover-content-available-height)))] w-[min(380px,calc(100vw-20px))] overflow-auto p-4 shadow-2xl"
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
