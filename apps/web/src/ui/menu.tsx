import { Check } from 'lucide-react';
import { DropdownMenu as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface MenuProps {
  readonly trigger: ReactNode;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** Where there is room for it: a menu at the foot of the page opens upwards. */
  readonly side?: 'top' | 'bottom';
  readonly children: ReactNode;
}

export function Menu({ trigger, children, open, onOpenChange, side = 'bottom' }: MenuProps) {
  return (
    // Not modal: what stands behind it stays there for whoever listens, and a press beside it does what it says.
    <Radix.Root open={open} onOpenChange={onOpenChange} modal={false}>
      <Radix.Trigger asChild>{trigger}</Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          align="end"
          side={side}
          sideOffset={4}
          collisionPadding={8}
          className="plate z-40 max-h-(--radix-dropdown-menu-content-available-height) min-w-52 overflow-auto p-1.5 shadow-2xl"
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

const item =
  'flex min-h-9 cursor-default items-center gap-2 rounded-md px-2.5 outline-none data-[highlighted]:bg-rim data-[highlighted]:text-on-rim';

export function MenuItem({
  onSelect,
  disabled = false,
  children,
}: {
  readonly onSelect: () => void;
  readonly disabled?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <Radix.Item className={item} onSelect={onSelect} disabled={disabled}>
      {children}
    </Radix.Item>
  );
}

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly {
    readonly value: T;
    readonly label: string;
    /** What taking it would do, under its name. */
    readonly told?: string;
  }[];
  readonly onChange: (value: T) => void;
}

export function MenuChoice<T extends string>({ label, value, options, onChange }: ChoiceProps<T>) {
  return (
    <Radix.RadioGroup value={value} onValueChange={(next) => onChange(next as T)}>
      <Radix.Label className="px-2.5 pb-0.5 pt-1.5 text-xs font-bold text-soft">{label}</Radix.Label>
      {options.map((option) => (
        <Radix.RadioItem
          key={option.value}
          value={option.value}
          className={`${item} pl-8 data-[state=checked]:font-semibold`}
        >
          <Radix.ItemIndicator className="-ml-6">
            <Check size={16} aria-hidden />
          </Radix.ItemIndicator>
          {option.told ? (
            <span className="flex flex-col py-0.5">
              {option.label}
              <span className="text-[13px] font-normal">{option.told}</span>
            </span>
          ) : (
            option.label
          )}
        </Radix.RadioItem>
      ))}
    </Radix.RadioGroup>
  );
}

export const MenuRule = () => <Radix.Separator className="my-1.5 h-px bg-hair" />;
