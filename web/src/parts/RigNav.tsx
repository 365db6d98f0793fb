import { Link } from "react-router";

const PLACES = [
  ["line", "Line", ""],
  ["advice", "Advice", "/advice"],
  ["sheet", "Sheet", "/sheet"],
  ["bench", "Bench", "/bench"],
  ["log", "Log", "/log"],
  ["season", "Season", "/season"],
] as const;

export type RigPlace = (typeof PLACES)[number][0];

/** The views of one rig. */
export function RigNav({ id, at }: { id: string; at: RigPlace }) {
  return (
    <nav aria-label="Views of this rig" className="flex items-center gap-3 whitespace-nowrap">
      {PLACES.map(([place, words, path]) => (
        <Link
          key={place}
          to={`/rigs/${id}${path}`}
          aria-current={place === at ? "page" : undefined}
          className={
            place === at
              ? "border-b-2 border-ink pb-px font-semibold"
              : "border-b-2 border-transparent pb-px text-ink-2"
          }
        >
          {words}
        </Link>
      ))}
    </nav>
  );
}
