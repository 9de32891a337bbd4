import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

export interface Tab {
  readonly id: string;
  readonly name: string;
  readonly content: () => ReactNode;
}

/** A few faces of one plate; arrow keys go from one to the next. */
export function Tabs({
  label,
  title,
  tabs,
  open,
  onOpen,
}: {
  readonly label: string;
  /** Beside the tabs; absent lets them stand at the left, larger, as the faces of a whole page. */
  readonly title?: ReactNode;
  readonly tabs: readonly Tab[];
  /** Which one is open, where somebody else keeps that: the address of a place. */
  readonly open?: string | undefined;
  readonly onOpen?: (id: string) => void;
}) {
  return (
    <Radix.Root
      defaultValue={tabs[0]?.id ?? ''}
      {...(onOpen ? { value: open ?? tabs[0]?.id ?? '', onValueChange: onOpen } : {})}
    >
      <div
        className={`flex flex-wrap items-baseline gap-x-3 ${title === undefined ? 'border-b-2 border-hair' : 'justify-between'}`}
      >
        {title}
        <Radix.List aria-label={label} className="flex gap-1">
          {tabs.map((tab) => (
            <Radix.Trigger
              key={tab.id}
              value={tab.id}
              className={`tap-coarse rounded-md border-b-3 border-transparent font-semibold text-soft hover:text-ink data-[state=active]:border-yolk data-[state=active]:text-ink ${title === undefined ? 'min-h-9 px-2.5' : 'min-h-7 px-1.5 text-[13.5px]'}`}
            >
              {tab.name}
            </Radix.Trigger>
          ))}
        </Radix.List>
      </div>
      {tabs.map((tab) => (
        <Radix.Content key={tab.id} value={tab.id} className={title === undefined ? 'pt-3' : 'pt-1'}>
          {tab.content()}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}
