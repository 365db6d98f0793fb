import { useQuery } from "@tanstack/react-query";
import { devicesQuery, pairsQuery, transducersQuery } from "../api/queries";
import type { Rig } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";
import { type Known, NOTHING_KNOWN } from "./start";

type Kind = Rig["craft"]["kind"];

/** Whole rigs to begin from: what is said of each is said as in the dialog, the rest is proposed. */
const EXAMPLES: [string, Kind, Partial<Known>][] = [
  ["A sit-on-top on a lake", "sit-on-top", { hours: "6", depths: "2-10", drill: "no-drill" }],
  ["A canoe for two evenings a week", "canoe", { hours: "4", depths: "2-10", display: "display-7-in-chirp" }],
  ["A crate on the ice", "ice-walk-out", { hours: "5", depths: "3-25", display: "display-5-in" }],
];

/** An empty shelf: what to do, three whole rigs, and displays with the transducers that go with them. */
export function Empty({
  onStart,
  onBegin,
}: {
  onStart: (name: string, kind: Kind, known: Known) => void;
  onBegin: (known: Partial<Known>) => void;
}) {
  return (
    <div className="grid gap-x-12 gap-y-6 py-8 text-ink-2 md:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
      <div className="max-w-[60ch]">
        <p>
          Nothing on the shelf yet. Start a rig: say what carries it, and of the rest what you know. What is
          still open stays dashed until you say it or have it filled in; or drop a rig file anywhere on this
          page.
        </p>
        <h2 className="pt-5 pb-1 font-semibold text-ink">Or begin from a whole one</h2>
        <p className="pb-1">and change what is not yours:</p>
        <ul>
          {EXAMPLES.map(([name, kind, known]) => (
            <li key={name} className="py-1">
              <Button
                look="quiet"
                onClick={() => onStart(name, kind, { ...NOTHING_KNOWN, ...known, rest: "filled-in" })}
              >
                {name}
              </Button>
            </li>
          ))}
        </ul>
      </div>
      <Pairs onBegin={onBegin} />
    </div>
  );
}

/** Bought together they go together: the plug goes in, the sound is of one sort, and what is seen is drawn. */
function Pairs({ onBegin }: { onBegin: (known: Partial<Known>) => void }) {
  const pairs = useQuery(pairsQuery).data ?? [];
  const displays = useQuery(devicesQuery).data ?? [];
  const transducers = useQuery(transducersQuery).data ?? [];
  const named = (all: { id: string; name: string }[], id: string) =>
    all.find((each) => each.id === id)?.name ?? id;
  const heads = [...new Set(pairs.map((pair) => pair.display))];
  return (
    <section aria-label="Ready pairs">
      <h2 className="pb-1 font-semibold text-ink">Or from a pair that goes together</h2>
      <p className="pb-2">
        A display and a transducer as they are bought: the plug goes in, the display understands it and draws
        what it sees.
      </p>
      <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-5 gap-y-1.5">
        {heads.map((display) => (
          <div key={display} className="contents">
            <dt className="font-medium text-ink">{named(displays, display)}</dt>
            <dd className="flex flex-wrap gap-x-4 gap-y-1">
              {pairs
                .filter((pair) => pair.display === display)
                .map(({ transducer }) => (
                  <button
                    key={transducer}
                    type="button"
                    aria-label={`${named(displays, display)} with ${named(transducers, transducer)}`}
                    onClick={() => onBegin({ display, transducer })}
                    className={LEADS_ON}
                  >
                    {named(transducers, transducer)}
                  </button>
                ))}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
