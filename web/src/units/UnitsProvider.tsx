import { createContext, type ReactNode, useContext, useMemo, useState } from "react";
import type { Amount, Text } from "../api/types";
import { amountText, plain, type System } from "./format";

interface Units {
  system: System;
  toggle: () => void;
  amount: (amount: Amount) => string;
  text: (text: Text) => string;
}

const Context = createContext<Units | null>(null);

export function UnitsProvider({ children }: { children: ReactNode }) {
  const [system, setSystem] = useState<System>(localStorage.getItem("units") === "us" ? "us" : "metric");
  const units = useMemo<Units>(
    () => ({
      system,
      toggle: () =>
        setSystem((now) => {
          const next = now === "metric" ? "us" : "metric";
          localStorage.setItem("units", next);
          return next;
        }),
      amount: (amount) => amountText(amount, system),
      text: (text) => plain(text, system),
    }),
    [system],
  );
  return <Context value={units}>{children}</Context>;
}

export function useUnits(): Units {
  const units = useContext(Context);
  if (units === null) {
    throw new Error("useUnits wants a UnitsProvider above it");
  }
  return units;
}
