import { useSyncExternalStore } from "react";

const PHONE = window.matchMedia("(width < 768px)");

function watch(changed: () => void) {
  PHONE.addEventListener("change", changed);
  return () => PHONE.removeEventListener("change", changed);
}

/** Whether the page is as narrow as a phone: below the width at which it stands in two columns. */
export function useNarrow(): boolean {
  return useSyncExternalStore(watch, () => PHONE.matches);
}
