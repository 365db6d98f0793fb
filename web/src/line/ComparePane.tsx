import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { offersQuery } from "../api/queries";
import type { Effect, Offer, Text } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { Button, LEADS_ON } from "../parts/Button";
import { ChoiceOf } from "../parts/Choice";
import { ChangeDialog } from "./ChangeDialog";
import { LINKS, LINK_NAMES, VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
import { Words } from "../parts/Words";

/** Alternatives beside what is planned. */
const BESIDE = 3;

const EFFORTS = { setting: "a setting", move: "move it", buy: "to buy", drill: "needs a hole" };

/** Alternatives for the link, best first, each with what it does to every link. */
export function ComparePane() {
  const { saved, link } = useEditor();
  const [widened, setWidened] = useState(false);
  const wider = widened && link === "mount";
  const offers = useQuery(offersQuery(saved.id, saved.revision, link, wider));
  const [by, setBy] = useState("");
  const [looked, setLooked] = useState<string | null>(null);
  const [picked, pick] = useState<string[]>([]);
  if (offers.isPending) {
    return <p className="text-ink-3">Working out what else there is…</p>;
  }
  if (offers.isError) {
    return <p className="text-fails">{offers.error.message}</p>;
  }
  const planned = offers.data.find((offer) => offer.planned);
  const measures = [...new Set(offers.data.flatMap((offer) => offer.measures.map((each) => each.name)))];
  if (offers.data.length === 0) {
    return (
      <p className="text-ink-2">
        Nothing to compare yet: set the link first, then its alternatives stand here.
      </p>
    );
  }
  return (
    <>
      {link === "mount" && (
        <label className="flex items-center gap-2 pb-1 text-[13.5px]">
          <input
            type="checkbox"
            className="size-4 accent-[var(--act)]"
            checked={wider}
            onChange={(event) => setWidened(event.target.checked)}
          />
          with every type of transducer, the best twenty
        </label>
      )}
      {measures.length > 0 && (
        <ChoiceOf
          label="Order by"
          value={measures.includes(by) ? by : ""}
          options={[
            ["", "what works, then what is enough"],
            ...measures.map((each): [string, string] => [each, each]),
          ]}
          onChange={setBy}
        />
      )}
      {planned && (
        <p className="border-b border-rule py-2 text-[13.5px]">
          <b className="font-semibold">Why this: </b>
          <Words text={planned.stands} />
        </p>
      )}
      {picked.length > 0 && (
        <p className="py-2">
          <Link
            to={`/compare?${[saved.id, ...picked.map((change) => `${saved.id}:${change}`)].map((of) => `of=${encodeURIComponent(of)}`).join("&")}`}
            className={LEADS_ON}
          >
            put {picked.length === 1 ? "it" : `the ${picked.length}`} beside what is planned
          </Link>
        </p>
      )}
      <ol>
        {ordered(offers.data, measures.includes(by) ? by : "").map((offer, i) => (
          <OfferRow
            key={offer.id}
            offer={offer}
            rank={i + 1}
            onLook={setLooked}
            picked={picked.includes(offer.id)}
            onPick={() =>
              pick((now) =>
                now.includes(offer.id)
                  ? now.filter((each) => each !== offer.id)
                  : [...now, offer.id].slice(-BESIDE),
              )
            }
          />
        ))}
      </ol>
      {looked !== null && <ChangeDialog change={looked} onClose={() => setLooked(null)} />}
    </>
  );
}

/** In the order asked for; what has no such measure stands last. Sorting is stable: ties keep their rank. */
function ordered(offers: Offer[], by: string): Offer[] {
  if (by === "") return offers;
  const key = (offer: Offer) => {
    const measure = offer.measures.find((each) => each.name === by);
    return measure ? (measure.more ? -measure.amount.si : measure.amount.si) : Infinity;
  };
  return [...offers].sort((a, b) => (key(a) === key(b) ? 0 : key(a) - key(b)));
}

function OfferRow({
  offer,
  rank,
  onLook,
  picked,
  onPick,
}: {
  offer: Offer;
  rank: number;
  onLook: (change: string) => void;
  picked: boolean;
  onPick: () => void;
}) {
  const { take, busy } = useEditor();
  return (
    <li
      className={`-mx-6 grid grid-cols-[26px_1fr_auto] gap-x-2 border-b border-rule px-6 py-[9px] ${
        offer.planned ? "bg-act-soft" : ""
      }`}
    >
      <span className="text-[17px] font-semibold text-ink-3">{rank}</span>
      <div className="min-w-0">
        <h3 className="text-[15px] font-semibold">
          <Words text={offer.label} />{" "}
          {offer.planned && <span className="font-normal text-ink-3">as planned</span>}
        </h3>
        <p className="text-[13px] text-ink-2">
          {offer.after.kind === "judged" ? (
            <>
              {offer.planned ? (
                <b className="font-semibold text-ink">
                  <Words text={offer.after.number} />
                </b>
              ) : (
                <button
                  type="button"
                  className="font-semibold text-act underline underline-offset-2"
                  onClick={() => onLook(offer.id)}
                >
                  <Words text={offer.after.number} />
                </button>
              )}{" "}
              ·{" "}
              <span className={VERDICT_COLOURS[offer.after.verdict]}>
                {VERDICT_WORDS[offer.after.verdict]}
              </span>
            </>
          ) : (
            <Words text={offer.after.why} />
          )}
          {!offer.planned && ` · ${EFFORTS[offer.effort]}`}
        </p>
        {offer.reasons.length > 0 && (
          <p className="text-[13px] text-ink-2">
            <Joined texts={offer.reasons} />
          </p>
        )}
        <dl className="grid grid-cols-[40px_1fr] gap-x-2 text-[13px] text-ink-2">
          <Reasons name="Won't work" texts={offer.fails} look="text-fails" />
          <Reasons name="Wins" texts={offer.wins} look="text-holds" />
          <Reasons name="Loses" texts={offer.loses} look="text-close" />
        </dl>
        {!offer.planned && <Effects effects={offer.effects} />}
      </div>
      {offer.planned ? (
        <span className="self-start px-3 py-1 text-ink-2">Planned</span>
      ) : (
        <span className="flex flex-col items-end gap-2 self-start">
          <Button disabled={busy} onClick={() => take(offer.id)}>
            Take
          </Button>
          <label className="flex items-center gap-1.5 text-[13px] text-ink-2">
            <input
              type="checkbox"
              className="size-3.5 accent-[var(--act)]"
              checked={picked}
              onChange={onPick}
            />
            beside
          </label>
        </span>
      )}
    </li>
  );
}

function Reasons({ name, texts, look }: { name: string; texts: Text[]; look: string }) {
  if (texts.length === 0) return null;
  return (
    <>
      <dt className={`font-semibold ${look}`}>{name}</dt>
      <dd className="min-w-0">
        <Joined texts={texts} />
      </dd>
    </>
  );
}

function Joined({ texts }: { texts: Text[] }) {
  return texts.map((text, i) => (
    <span key={i}>
      {i > 0 && (endsSentence(texts[i - 1]!) ? " " : "; ")}
      <Words text={text} />
    </span>
  ));
}

function endsSentence(text: Text): boolean {
  return text.words[text.words.length - 1]!.endsWith(".");
}

/** One cell for each link, in line order: named where something moves, and which way; a small one where nothing does. */
export function Effects({ effects }: { effects: Effect[] }) {
  return (
    <ul className="mt-[6px] flex flex-wrap items-center gap-[5px]" aria-label="what it does to each link">
      {LINKS.map((link) => {
        const effect = effects.find((each) => each.link === link);
        const way = effect ? direction(effect) : "same";
        return (
          <li key={link} title={`${LINK_NAMES[link]}: ${way}`} className={CELLS[way]}>
            {way === "same" ? (
              <span className="sr-only">{LINK_NAMES[link]}: the same</span>
            ) : (
              `${LINK_NAMES[link]} ${ARROWS[way]}`
            )}
          </li>
        );
      })}
    </ul>
  );
}

const NAMED = "h-[18px] rounded-[2px] px-[6px] text-[11.5px] leading-[18px]";

const CELLS = {
  better: `${NAMED} bg-holds font-semibold text-sheet`,
  worse: `${NAMED} bg-fails font-semibold text-sheet`,
  moves: `${NAMED} bg-grid text-ink`,
  same: "h-[7px] w-[12px] rounded-[2px] bg-grid",
};

const ARROWS = { better: "↑", worse: "↓", moves: "~" };

const ORDER = ["fails", "unset", "close", "holds"];

function direction(effect: Effect): "better" | "worse" | "moves" {
  const verdict = (state: Effect["after"]) =>
    ORDER.indexOf(state.kind === "judged" ? state.verdict : "unset");
  const step = verdict(effect.after) - verdict(effect.before);
  return step > 0 ? "better" : step < 0 ? "worse" : "moves";
}
