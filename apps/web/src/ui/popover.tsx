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

/** Beside a button there is no room on a phone. */
const narrow = (): boolean => window.matchMedia('(max-width: 767px)').matches;

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
          className="plate z-40 max-h-[min(70vh,var(--radix-popover-content-available-height))] w-[min(380px,calc(100vw-20px))] overflow-auto p-4 shadow-2xl"
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
