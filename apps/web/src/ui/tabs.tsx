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
}: {
  readonly label: string;
  readonly title: ReactNode;
  readonly tabs: readonly Tab[];
}) {
  return (
    <Radix.Root defaultValue={tabs[0]?.id ?? ''}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        {title}
        <Radix.List aria-label={label} className="flex gap-1">
          {tabs.map((tab) => (
            <Radix.Trigger
              key={tab.id}
              value={tab.id}
              className="tap-coarse min-h-7 rounded-md border-b-3 border-transparent px-1.5 text-[13.5px] font-semibold text-soft hover:text-ink data-[state=active]:border-yolk data-[state=active]:text-ink"
            >
              {tab.name}
            </Radix.Trigger>
          ))}
        </Radix.List>
      </div>
      {tabs.map((tab) => (
        <Radix.Content key={tab.id} value={tab.id} className="pt-1">
          {tab.content()}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}
