import { createContext, useContext } from "react";

const Context = createContext<((change: string) => void) | null>(null);

/** Above a picture in which pointing at something does not take it: what it does instead. */
export const Picked = Context;

/** What pointing at something does here; null where it is taken. */
export function usePicked() {
  return useContext(Context);
}
