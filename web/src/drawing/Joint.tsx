import type { Verdict } from "../api/types";

/** A piece of the cable with its joint: closed, strained, open gap, or dashed. Word, shape and colour say the same. */
export function Joint({ verdict, wide = 56 }: { verdict: Verdict; wide?: number }) {
  const mid = wide / 2;
  return (
    <svg
      viewBox={`0 0 ${wide} 32`}
      width={wide}
      height={32}
      fill="none"
      aria-hidden="true"
      className="shrink-0"
    >
      {verdict === "fails" ? (
        <g stroke="var(--fails)" strokeWidth="2" strokeLinecap="round">
          <path d={`M0 16 h${mid - 20} c8 0 10 3 13 9`} />
          <path d={`M${wide} 16 h-${mid - 20} c-8 0 -10 3 -13 9`} />
          <path
            strokeWidth="1.8"
            d={`M${mid - 7} 25 l-8 -1 M${mid - 7} 25 l0 -8 M${mid + 7} 25 l8 -1 M${mid + 7} 25 l0 -8`}
          />
        </g>
      ) : (
        <g
          stroke={verdict === "close" ? "var(--close)" : verdict === "unset" ? "var(--faint)" : "var(--ink)"}
        >
          <path
            d={`M0 16 H${mid - 10} M${mid + 10} 16 H${wide}`}
            strokeWidth="2"
            stroke={verdict === "unset" ? "var(--faint)" : "var(--ink)"}
            strokeDasharray={verdict === "unset" ? "3 5" : undefined}
          />
          {verdict === "close" ? (
            <path d={`M${mid - 10} 8 h20 l-5 8 5 8 h-20 l5 -8z`} strokeWidth="2" fill="var(--sheet)" />
          ) : (
            <rect
              x={mid - 10}
              y={8}
              width={20}
              height={16}
              rx={4}
              strokeWidth="2"
              fill="var(--sheet)"
              strokeDasharray={verdict === "unset" ? "3 3" : undefined}
            />
          )}
        </g>
      )}
    </svg>
  );
}

const DASHES = "repeating-linear-gradient(90deg, var(--faint) 0 3px, transparent 3px 8px)";

/** The straight cable between joints. */
export function Stretch({ verdict }: { verdict: Verdict }) {
  const ink = verdict === "unset" ? DASHES : verdict === "fails" ? "var(--fails)" : "var(--ink)";
  return <span aria-hidden="true" className="h-[2px] grow" style={{ background: ink }} />;
}
