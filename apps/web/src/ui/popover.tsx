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

/** A small plate beside what opened it. */
export function Popover({ trigger, label, children, open, onOpenChange, side }: PopoverProps) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Trigger asChild>{trigger}</Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          side={side}
          align="start"
          sideOffset={6}
          collisionPadding={10}
          aria-label={label}
          className="plate z-40 max-h-[70vh] w-[min(380px,94vw)] overflow-auto p-4 shadow-2xl"
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
