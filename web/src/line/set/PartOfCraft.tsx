import type { ReactNode } from "react";
import { NameField } from "../../parts/NameField";
import { RemovePart } from "./Section";

/** A place, an obstruction or a room of the craft, folded: its name, a way to take it out, its fields. */
export function PartOfCraft({
  part,
  what,
  kind,
  at,
  children,
}: {
  part: { id: string; name: string };
  /** In a sentence, as "place". */
  what: string;
  /** As ids of changes write it. */
  kind: string;
  at: string;
  children: ReactNode;
}) {
  return (
    <details className="border-b border-grid">
      <summary className="cursor-pointer py-1 text-[14px]">{part.name}</summary>
      <div className="flex items-baseline gap-3 pl-3">
        <div className="grow font-semibold">
          <NameField label={`Name of the ${what}`} pointer={`${at}/name`} />
        </div>
        <RemovePart change={`mount.without.${kind}`} id={part.id} name={part.name} />
      </div>
      <div className="pl-3">{children}</div>
    </details>
  );
}
