import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api } from "../api/client";
import { garageQuery, stationsQuery, startsQuery } from "../api/queries";
import { Button, LEADS_ON } from "../parts/Button";
import { ChoiceOf } from "../parts/Choice";
import { counted } from "../parts/counted";

/** Other rigs that this one shares gear with, and how to make another. */
export function Stations({ id, name }: { id: string; name: string }) {
  const others = useQuery(stationsQuery(id));
  const [making, make] = useState(false);
  return (
    <section aria-label="Other stations" className="border-b border-rule pb-3">
      <h2 className="py-3 text-[16px] font-semibold">Other stations</h2>
      <ul>
        {others.data?.map((other) => (
          <li
            key={other.id}
            className="flex items-baseline justify-between gap-3 border-b border-grid py-1.5"
          >
            <span>
              <span className="font-semibold">{other.name}</span>{" "}
              <span className="text-[13px] text-ink-2">shares {counted(other.shared, "piece")}</span>
            </span>
            <Link to={`/rigs/${id}/swap?to=${other.id}`} className={LEADS_ON}>
              swap to it<span className="sr-only">: {other.name}</span>
            </Link>
          </li>
        ))}
      </ul>
      {others.data?.length === 0 && (
        <p className="max-w-[56ch] text-[13px] text-ink-2">
          No other rig has any of its pieces. Put what both share into the garage, and take it there from
          Compare; or make a rig for another craft of this one.
        </p>
      )}
      {making ? (
        <Another id={id} name={name} onLeft={() => make(false)} />
      ) : (
        <button type="button" className={`${LEADS_ON} pt-2`} onClick={() => make(true)}>
          a rig for another craft or display
        </button>
      )}
    </section>
  );
}

/** Made of this one in one step, and worked out anew. */
function Another({ id, name, onLeft }: { id: string; name: string; onLeft: () => void }) {
  const navigate = useNavigate();
  const items = useQuery(garageQuery).data?.items ?? [];
  const crafts = useQuery(startsQuery("craft")).data ?? [];
  const displays = useQuery(startsQuery("display")).data ?? [];
  const [craft, setCraft] = useState("");
  const [display, setDisplay] = useState("");
  const making = useMutation({
    mutationFn: (called: string) =>
      answer(
        api.POST("/api/rigs/{id}/another", {
          params: { path: { id }, query: { name: called, craft, display } },
        }),
      ),
    onSuccess: (made) => void navigate(`/rigs/${made.id}`),
  });
  const called = [...items, ...crafts, ...displays].filter((each) => [craft, display].includes(each.id));
  const own = (kind: string) =>
    items
      .filter((item) => item.kind === kind)
      .map((item): [string, string] => [item.id, `${item.name}, yours`]);
  const ready = (all: { id: string; name: string }[]) =>
    all.map((each): [string, string] => [each.id, each.name]);
  return (
    <form
      aria-label="Another rig"
      className="pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        making.mutate(`${name}: ${called.map((each) => each.name).join(", ")}`.slice(0, 120));
      }}
    >
      <ChoiceOf
        label="On"
        value={craft}
        options={[["", "the craft it is on"], ...own("craft"), ...ready(crafts)]}
        onChange={setCraft}
      />
      <ChoiceOf
        label="With"
        value={display}
        options={[["", "the display it has"], ...own("display"), ...ready(displays)]}
        onChange={setDisplay}
      />
      <p className="flex items-baseline gap-4 pt-1">
        <Button type="submit" disabled={making.isPending || (craft === "" && display === "")}>
          {making.isPending ? "working it out…" : "Make it"}
        </Button>
        <button type="button" className={LEADS_ON} onClick={onLeft}>
          leave it
        </button>
      </p>
      {making.isError && <p className="text-fails">{making.error.message}</p>}
    </form>
  );
}
