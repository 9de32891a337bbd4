import {
  type ComponentProps,
  type ComponentType,
  cloneElement,
  type KeyboardEventHandler,
  type ReactElement,
  type ReactNode,
  type Ref,
  useState,
} from 'react';
import { FieldNote } from './field-note';
import type { Menu as MenuType } from './menu';
import { fetchedPart, NotFetched, type Part, usePart } from './part';
import type { Popover as PopoverType } from './popover';

const popover = fetchedPart<ComponentProps<typeof PopoverType>>(() =>
  import('./popover').then((module) => ({ default: module.Popover })),
);
const menu = fetchedPart<ComponentProps<typeof MenuType>>(() =>
  import('./menu').then((module) => ({ default: module.Menu })),
);

interface TriggerProps {
  readonly onClick?: () => void;
  readonly onBlur?: () => void;
  readonly onKeyDown?: KeyboardEventHandler<HTMLButtonElement>;
  readonly ref?: Ref<HTMLButtonElement>;
  readonly 'aria-haspopup'?: 'dialog' | 'menu';
  readonly 'aria-expanded'?: boolean;
}

interface OnDemandProps {
  readonly trigger: ReactElement<TriggerProps>;
  /** Drawn only while it is open. */
  readonly content: () => ReactNode;
}

/** The trigger as a plain button until it is pressed; only then is what opens fetched and mounted. */
function useOnDemand<P>(trigger: ReactElement<TriggerProps>, kind: 'dialog' | 'menu', part: Part<P>) {
  const [open, setOpen] = useState<boolean>();
  const [anchor, setAnchor] = useState<HTMLButtonElement | null>(null);
  const wanted = open !== undefined;
  const state = usePart(part, wanted);
  const Content: ComponentType<P> | undefined = wanted && state.kind === 'there' ? state.Content : undefined;
  const failed = open === true && state.kind === 'failed';
  const press = () => {
    setOpen(true);
    part.fetch();
  };
  /** Who turns elsewhere while it is being fetched does not want it any more: it would open over what is done meanwhile. */
  const turnAway = () => {
    if (!failed) setOpen(undefined);
  };
  const plain = (
    <>
      {cloneElement(trigger, {
        onClick: press,
        onBlur: () => {
          trigger.props.onBlur?.();
          turnAway();
        },
        onKeyDown: (event) => {
          trigger.props.onKeyDown?.(event);
          if (event.key === 'Escape') turnAway();
        },
        ref: setAnchor,
        'aria-haspopup': kind,
        'aria-expanded': false,
      })}
      {failed && (
        <FieldNote anchor={anchor}>
          <NotFetched part={part} />
        </FieldNote>
      )}
    </>
  );
  return { open: open ?? false, setOpen, plain, Content };
}

interface MenuOnDemandProps extends OnDemandProps {
  readonly side?: 'top' | 'bottom';
}

interface PopoverOnDemandProps extends OnDemandProps {
  readonly label: string;
  readonly side?: 'top' | 'bottom' | 'left' | 'right';
}

/** A small plate beside its button. */
export function PopoverOnDemand({ trigger, content, label, side = 'bottom' }: PopoverOnDemandProps) {
  const { open, setOpen, plain, Content } = useOnDemand(trigger, 'dialog', popover);
  if (!Content) return plain;
  return (
    <Content trigger={trigger} label={label} side={side} open={open} onOpenChange={setOpen}>
      {open && content()}
    </Content>
  );
}

/** A menu under its button, or above it. */
export function MenuOnDemand({ trigger, content, side = 'bottom' }: MenuOnDemandProps) {
  const { open, setOpen, plain, Content } = useOnDemand(trigger, 'menu', menu);
  if (!Content) return plain;
  return (
    <Content trigger={trigger} open={open} onOpenChange={setOpen} side={side}>
      {open && content()}
    </Content>
  );
}
