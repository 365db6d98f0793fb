import { useEffect, useRef } from "react";

function inField(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      /^(input|textarea|select)$/i.test(target.tagName) ||
      target.closest("[role=dialog]") !== null)
  );
}

export function keysOn(): boolean {
  return localStorage.getItem("keys") !== "off";
}

/** Single-letter keys: only outside fields and dialogs, and only while the person wants them. */
export function useKeys(actions: Record<string, () => void>) {
  const latest = useRef(actions);
  latest.current = actions;
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || inField(event.target) || !keysOn()) {
        return;
      }
      const action = latest.current[event.key];
      if (action) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, []);
}
