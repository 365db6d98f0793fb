import type { AnswerShown } from "../api/types";
import { Words } from "../parts/Words";
import { says } from "../units/format";

/** What a rig answers otherwise than the one that is planned, each with its reason. */
export function Answers({ answers }: { answers: AnswerShown[] }) {
  const other = answers.filter((each) => !each.now);
  if (other.length === 0) return <p className="text-[13px] text-ink-2">As it is planned.</p>;
  return (
    <dl className="grid grid-cols-[minmax(120px,auto)_1fr] gap-x-3 pt-1 text-[13px]">
      {other.map((each) => (
        <div key={each.question} className="contents">
          <dt className="text-ink-3">{each.question}</dt>
          <dd>
            <Words text={each.answer} />
            {says(each.because) && (
              <span className="text-ink-3">
                {" "}
                · <Words text={each.because} />
              </span>
            )}
          </dd>
        </div>
      ))}
    </dl>
  );
}
