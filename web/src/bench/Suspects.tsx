import type { Bench, Suspect } from "../api/types";
import { Words } from "../parts/Words";

/** What the readings say: likeliest first, what to do about it, and which reading would tell most. */
export function Suspects({ bench }: { bench: Bench }) {
  const { suspects, next } = bench.diagnosis;
  const read = bench.readings.length;
  const first = suspects[0];
  const telling = next
    .map(({ reading }) => bench.expected.find((each) => each.id === reading))
    .filter((each) => each !== undefined);
  return (
    <div className="border-b border-rule px-7 py-4 max-md:px-3">
      <h2 className="text-[16px] font-semibold">
        {read === 0 || !first ? "Nothing is read yet" : <Words text={first.what} />}
        {read > 0 && first && <span className="font-normal text-ink-2"> · {percent(first.likely)}</span>}
      </h2>
      {read > 0 && first && first.faults.length === 0 && bench.outside.length > 0 && (
        <p className="text-ink-2">
          {bench.outside.length === 1 ? "One reading lies" : `${bench.outside.length} readings lie`} a little
          outside, as one in twenty does.
        </p>
      )}
      {read > 0 &&
        first?.fix.map((fix, i) => (
          <p key={i} className="py-0.5">
            <Words text={fix} />
          </p>
        ))}
      {read > 0 && suspects.length > 1 && (
        <ul className="pt-1 text-[13px]">
          {suspects.slice(0, 5).map((suspect, i) => (
            <Bar key={i} suspect={suspect} />
          ))}
        </ul>
      )}
      {telling.length > 0 && (
        <p className="pt-2">
          Read next:{" "}
          <a
            href={`#${telling[0]!.id}`}
            className="font-semibold text-act underline decoration-dashed underline-offset-4"
          >
            <Words text={telling[0]!.title} />
          </a>
          <span className="block text-[13px] text-ink-2">
            <Words text={telling[0]!.how} /> It tells most of what is still open.
          </span>
        </p>
      )}
    </div>
  );
}

function percent(share: number): string {
  return share > 0.995 ? "all but certain" : share < 0.01 ? "hardly" : `${Math.round(share * 100)} of 100`;
}

function Bar({ suspect }: { suspect: Suspect }) {
  return (
    <li className="grid grid-cols-[90px_84px_1fr] items-center gap-2 py-0.5">
      <span className="h-[6px] bg-track" aria-hidden="true">
        <span
          className="block h-full bg-ink"
          style={{ width: `${Math.max(2, Math.round(suspect.likely * 100))}%` }}
        />
      </span>
      <span className="text-ink-2">{percent(suspect.likely)}</span>
      <span>
        <Words text={suspect.what} />
      </span>
    </li>
  );
}
