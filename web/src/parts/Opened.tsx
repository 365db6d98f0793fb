import { useState, type ReactNode } from "react";

/** What is not made, nor asked for, until it is opened. */
export function Opened({
  summary,
  className,
  children,
}: {
  summary: ReactNode;
  className?: string;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <details className={className} onToggle={(event) => setOpen(event.currentTarget.open)}>
      {summary}
      {open && children}
    </details>
  );
}
