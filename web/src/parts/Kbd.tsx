export function Kbd({ children }: { children: string }) {
  return (
    <kbd className="rounded-[3px] border border-rule bg-sheet px-1 font-sans text-[11px] text-ink-2">
      {children}
    </kbd>
  );
}
