import { Link } from "react-router";

const PLACES = [
  ["shelf", "Shelf", "/"],
  ["garage", "Garage", "/garage"],
] as const;

/** What there is beside the views of one rig: all rigs, and all that they are made of. */
export function HomeNav({ at }: { at: (typeof PLACES)[number][0] }) {
  return (
    <nav aria-label="All rigs, all gear" className="flex items-center gap-4 text-[16px] whitespace-nowrap">
      {PLACES.map(([place, words, path]) => (
        <Link
          key={place}
          to={path}
          aria-current={place === at ? "page" : undefined}
          className={place === at ? "font-semibold" : "text-ink-2"}
        >
          {words}
        </Link>
      ))}
    </nav>
  );
}
