import { cloneElement, lazy, type ReactElement, type ReactNode, Suspense, useState } from 'react';

const Popover = lazy(() => import('./popover').then((module) => ({ default: module.Popover })));
const Menu = lazy(() => import('./menu').then((module) => ({ default: module.Menu })));

interface TriggerProps {
  readonly onClick?: () => void;
  readonly 'aria-haspopup'?: 'dialog' | 'menu';
  readonly 'aria-expanded'?: boolean;
}

interface OnDemandProps {
  readonly trigger: ReactElement<TriggerProps>;
  /** Drawn only while it is open. */
  readonly content: () => ReactNode;
}

/** The trigger as a plain button until it is pressed; only then is what opens loaded and mounted. */
function useOnDemand(trigger: ReactElement<TriggerProps>, kind: 'dialog' | 'menu') {
  const [open, setOpen] = useState<boolean>();
  const plain = cloneElement(trigger, {
    onClick: () => setOpen(true),
    'aria-haspopup': kind,
    'aria-expanded': false,
  });
  return { open, setOpen, plain, wanted: open !== undefined };
}

interface PopoverOnDemandProps extends OnDemandProps {
  readonly label: string;
  readonly side?: 'top' | 'bottom' | 'left' | 'right';
}

/** A small plate beside its button. */
export function PopoverOnDemand({ trigger, content, label, side = 'bottom' }: PopoverOnDemandProps) {
  const { open, setOpen, plain, wanted } = useOnDemand(trigger, 'dialog');
  if (!wanted) return plain;
  return (
    <Suspense fallback={plain}>
      <Popover trigger={trigger} label={label} side={side} open={open ?? false} onOpenChange={setOpen}>
        {open && content()}
      </Popover>
    </Suspense>
  );
}

/** A menu under its button. */
export function MenuOnDemand({ trigger, content }: OnDemandProps) {
  const { open, setOpen, plain, wanted } = useOnDemand(trigger, 'menu');
  if (!wanted) return plain;
  return (
    <Suspense fallback={plain}>
      <Menu trigger={trigger} open={open ?? false} onOpenChange={setOpen}>
        {open && content()}
      </Menu>
    </Suspense>
  );
}
