import { useQuery } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { advisedRemediesQuery } from "../api/queries";
import { Offers } from "../parts/Offers";
import { LINK_NAMES, VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
import { Words } from "../parts/Words";
import { besidePlanned } from "./BesidePlanned";

/** What fails or is tight in an advised rig, and what may be done about it: that is looked at beside what is planned. */
export function Mended({ id, change, verdict }: { id: string; change: string; verdict: "fails" | "close" }) {
  // a cure goes after the rig it is of, as changes are joined in their ids
  const navigate = useNavigate();
  const mended = useQuery(advisedRemediesQuery(id, change));
  if (mended.isPending) return <p className="text-[13px] text-ink-3">Looking for what mends it…</p>;
  if (mended.isError) return <p className="text-[13px] text-fails">{mended.error.message}</p>;
  return (
    <ul className="text-[13px]">
      {mended.data
        .filter((each) => each.finding.verdict === verdict)
        .map(({ finding, remedy }) => (
          <li key={finding.rule} className="py-1.5">
            <p>
              <b className="font-semibold">{LINK_NAMES[finding.link]}</b>{" "}
              <span className={VERDICT_COLOURS[finding.verdict]}>{VERDICT_WORDS[finding.verdict]}</span>{" "}
              <Words text={finding.text} />
            </p>
            <Offers
              remedy={remedy}
              onCure={(cure) => void navigate(besidePlanned(id, `${change}~${cure}`))}
            />
          </li>
        ))}
    </ul>
  );
}
