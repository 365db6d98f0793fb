import type { ReactNode } from "react";
import { Link } from "react-router";
import { useUnits } from "../units/UnitsProvider";
import { Kbd } from "./Kbd";
import { useTheme } from "./theme";

export function TopBar({ children }: { children?: ReactNode }) {
  const { system, toggle } = useUnits();
  const [theme, flip] = useTheme();
  return (
    <header className="flex min-h-[48px] flex-wrap items-center gap-x-5 gap-y-1 border-b border-rule px-6 max-md:px-3">
      <Link to="/" className="font-semibold whitespace-nowrap">
        Bright Keel
      </Link>
      {children}
      <span className="ml-auto flex items-center gap-5 text-ink-2">
        <button type="button" onClick={toggle}>
          {system === "metric" ? "m · mm² · °C" : "ft · AWG · °F"} <Kbd>u</Kbd>
        </button>
        <button type="button" onClick={flip}>
          {theme === "dark" ? "light" : "dark"}
        </button>
      </span>
    </header>
  );
}
