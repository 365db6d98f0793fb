import { useEffect, useState } from "react";

type Theme = "light" | "dark";

function preferred(): Theme {
  const kept = localStorage.getItem("theme");
  if (kept === "light" || kept === "dark") {
    return kept;
  }
  return window.matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

export function useTheme(): [Theme, () => void] {
  const [theme, setTheme] = useState<Theme>(preferred);
  useEffect(() => {
    document.documentElement.dataset["theme"] = theme;
  }, [theme]);
  const flip = () => {
    const next = theme === "dark" ? "light" : "dark";
    localStorage.setItem("theme", next);
    setTheme(next);
  };
  return [theme, flip];
}
