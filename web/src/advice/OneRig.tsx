import type { GoodShown, NamedRig } from "../api/types";
import { Button } from "../parts/Button";
import { Opened } from "../parts/Opened";
import { Words } from "../parts/Words";
import { capital, says } from "../units/format";
import { Answers } from "./Answers";
import { BesidePlanned } from "./BesidePlanned";
import { Mended } from "./Mended";
import { WorthRow } from "./WorthRow";

/** One rig: its names, what it is worth, what it wins and gives up, and each choice with its reason. */
export function OneRig({
  id,
  rig,
  goods,
  take,
  busy,
}: {
  id: string;
  rig: NamedRig;
  goods: GoodShown[];
  take: (change: string) => void;
  busy: boolean;
}) {
  return (
    <article>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-[15.5px] font-semibold">
          {rig.titles.length === 0 ? "One without a name" : capital(rig.titles.join(", "))}
        </h2>
        <span className="flex gap-4">
          <BesidePlanned id={id} change={rig.change} />
          <Button disabled={busy} onClick={() => take(rig.change)}>
            Take it
          </Button>
        </span>
      </div>
      <WorthRow id={id} change={rig.change} worth={rig.worth} goods={goods} />
      {says(rig.surely) && (
        <p className="text-[13px] text-ink-2">
          <Words text={rig.surely} />
        </p>
      )}
      {says(rig.wins) && (
        <p className="text-holds">
          Wins: <Words text={rig.wins} />
        </p>
      )}
      {says(rig.gives) && (
        <p className="text-close">
          Gives up: <Words text={rig.gives} />
        </p>
      )}
      <Answers answers={rig.answers} />
      {rig.tight.length > 0 && (
        <Opened
          className="text-[13px] text-ink-2"
          summary={
            <summary className="cursor-pointer pt-1">
              {rig.tight.length === 1 ? "One thing is tight" : `${rig.tight.length} things are tight`}
            </summary>
          }
        >
          <Mended id={id} change={rig.change} verdict="close" />
        </Opened>
      )}
    </article>
  );
}
