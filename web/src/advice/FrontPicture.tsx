import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { advisedQuery } from "../api/queries";
import type { Good, WholeAdvice } from "../api/types";
import { Picked } from "../drawing/Picked";
import { SceneDrawing } from "../drawing/SceneDrawing";
import { ChoiceOf } from "../parts/Choice";
import { OneRig } from "./OneRig";

/** The front by two of its goods; what is pointed at stands below. */
export function FrontPicture({
  id,
  advice,
  across,
  up,
  pointed,
  put,
  take,
  busy,
}: {
  id: string;
  advice: WholeAdvice;
  across: Good;
  up: Good;
  pointed: string | null;
  put: (key: string, value: string | null) => void;
  take: (change: string) => void;
  busy: boolean;
}) {
  const goods = (not: Good) =>
    advice.goods.filter((each) => each.good !== not).map((each): [string, string] => [each.good, each.words]);
  const change = pointed ?? advice.named[0]?.change ?? "";
  const rig = useQuery({
    ...advisedQuery(id, change),
    enabled: change !== "",
    placeholderData: keepPreviousData,
  });
  return (
    <section
      aria-label="The front as a picture"
      tabIndex={0}
      className="flex h-full flex-col overflow-auto pb-6"
    >
      <div className="flex flex-wrap gap-x-6 px-7 pt-2 max-md:px-3">
        <ChoiceOf
          label="Across"
          value={across}
          options={goods(up)}
          onChange={(next) => put("across", next)}
        />
        <ChoiceOf label="Up" value={up} options={goods(across)} onChange={(next) => put("up", next)} />
      </div>
      <div className="h-[540px] shrink-0 max-md:h-[450px]">
        <Picked value={(next) => put("rig", next)}>
          <SceneDrawing scene={advice.picture} titled={false} />
        </Picked>
      </div>
      {rig.isError && <p className="px-7 text-[13px] text-ink-3">{rig.error.message}</p>}
      {rig.data && (
        <div className="border-t border-rule px-7 pt-3 max-md:px-3">
          <OneRig id={id} rig={rig.data} goods={advice.goods} take={take} busy={busy} />
        </div>
      )}
    </section>
  );
}
