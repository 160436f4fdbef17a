import { Tabs } from "radix-ui";
import type { ReactNode } from "react";

/** Pages lying on each other, their names on a strip: one is read at a time. */
export function TabPages<Id extends string>({
  label,
  value,
  pages,
  onTurn,
  children,
}: {
  readonly label: string;
  readonly value: Id;
  readonly pages: readonly { readonly id: Id; readonly name: string }[];
  readonly onTurn: (id: Id) => void;
  readonly children: ReactNode;
}) {
  return (
    <Tabs.Root value={value} onValueChange={(id) => onTurn(id as Id)}>
      <Tabs.List aria-label={label} className="flex flex-wrap border border-ink">
        {pages.map(({ id, name }) => (
          <Tabs.Trigger
            key={id}
            value={id}
            className="flex min-h-9 grow cursor-pointer items-center justify-center whitespace-nowrap bg-card px-3 data-[state=active]:bg-ink data-[state=active]:text-card"
          >
            {name}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {children}
    </Tabs.Root>
  );
}

/** One of {@link TabPages}. */
export function TabPage({ id, children }: { readonly id: string; readonly children: ReactNode }) {
  return (
    <Tabs.Content value={id} className="mt-3 grid gap-3">
      {children}
    </Tabs.Content>
  );
}
