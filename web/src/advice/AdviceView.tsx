import { keepPreviousData, useMutation, useQuery } from "@tanstack/react-query";
import { Tabs } from "radix-ui";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { adviceQuery, rigQuery } from "../api/queries";
import type { Good, WholeAdvice } from "../api/types";
import { LEADS_ON } from "../parts/Button";
import { useKeys } from "../parts/keys";
import { RigHead, Trouble } from "../parts/RigHead";
import { TAB } from "../parts/tab";
import { Words } from "../parts/Words";
import { capital } from "../units/format";
import { useUnits } from "../units/UnitsProvider";
import { FrontPicture } from "./FrontPicture";
import { GoneThrough } from "./GoneThrough";
import { MeasureFirst } from "./MeasureFirst";
import { NoneHolds } from "./NoneHolds";
import { OneRig } from "./OneRig";
import { TwoCrafts } from "./TwoCrafts";
import { WhyNot } from "./WhyNot";
import { Wish } from "./Wish";

const GOODS: Good[] = ["hours", "mass", "price", "holes", "minutes", "seen", "buys"];

const WAYS = [
  ["names", "By name"],
  ["picture", "As a picture"],
  ["two", "With another craft"],
] as const;

/** Whole rigs in place of this one: a few by name, what each wins and gives up, and why another is not there. */
export default function AdviceView() {
  const { id = "" } = useParams();
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const { toggle } = useUnits();
  useKeys({ u: toggle, l: () => void navigate(`/rigs/${id}`) });
  const wishes = Object.fromEntries(
    GOODS.filter((good) => search.has(good)).map((good) => [good, Number(search.get(good))]),
  );
  const free = search.getAll("free") as Good[];
  const across = (search.get("across") ?? "price") as Good;
  const up = (search.get("up") ?? "hours") as Good;
  const put = (key: string, value: string | number | null) => {
    const next = new URLSearchParams(search);
    if (value === null) next.delete(key);
    else next.set(key, String(value));
    setSearch(next, { replace: true });
  };
  /** A wish that is emptied is lifted, also where the rig itself says it. */
  const wish = (good: Good, value: number | null) => {
    const next = new URLSearchParams(search);
    next.delete("free", good);
    if (value === null) {
      next.delete(good);
      next.append("free", good);
    } else {
      next.set(good, String(value));
    }
    setSearch(next, { replace: true });
  };
  const advice = useQuery({
    ...adviceQuery(id, { ...wishes, free, across, up }),
    placeholderData: keepPreviousData,
  });
  const saved = useQuery(rigQuery(id));
  const taking = useMutation({
    mutationFn: (change: string) =>
      answer(
        api.POST("/api/rigs/{id}/changes/{change}", {
          params: { path: { id, change }, header: { "If-Match": `"${advice.data?.revision ?? 0}"` } },
        }),
      ),
    onSuccess: () => void navigate(`/rigs/${id}`),
  });
  const said = (good: Good) =>
    free.includes(good) ? undefined : advice.data?.said.find((each) => each.good === good)?.at.si;
  const card = { id, take: taking.mutate, busy: taking.isPending };
  const empty = advice.data?.front.length === 0 && advice.data.relax.length === 0;
  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <RigHead id={id} at="advice" />
      <Trouble words={taking.error?.message ?? ""} />
      {advice.isPending && <p className="p-7 text-ink-3">Going through whole rigs: a few seconds…</p>}
      {advice.isError && <p className="p-7 text-fails">{advice.error.message}</p>}
      {advice.data && (
        <main className="grid min-h-0 grow grid-cols-1 md:grid-cols-[minmax(0,1fr)_minmax(380px,0.6fr)]">
          <div className="flex min-h-0 flex-col md:border-r md:border-rule">
            <div className="px-6 max-md:px-3">
              <p className="pt-3 text-[16px] font-semibold">{summary(advice.data)}</p>
              <InTheWay advice={advice.data} put={put} />
            </div>
            <Tabs.Root
              value={search.get("as") ?? "names"}
              onValueChange={(way) => put("as", way === "names" ? null : way)}
              className="flex min-h-0 grow flex-col"
            >
              <Tabs.List
                aria-label="Ways to look at them"
                className="flex gap-6 border-b border-rule px-6 max-md:px-3"
              >
                {WAYS.map(([value, words]) => (
                  <Tabs.Trigger key={value} value={value} className={TAB}>
                    {words}
                  </Tabs.Trigger>
                ))}
              </Tabs.List>
              <Tabs.Content value="names" tabIndex={-1} className="min-h-0 grow">
                <section
                  aria-label="Rigs by name"
                  tabIndex={0}
                  className="h-full overflow-auto px-6 pb-6 max-md:px-3"
                >
                  {empty && <NoneHolds id={id} advice={advice.data} />}
                  <ul>
                    {advice.data.named.map((each) => (
                      <li key={each.change} className="border-b border-grid py-3">
                        <OneRig {...card} rig={each} goods={advice.data.goods} />
                      </li>
                    ))}
                  </ul>
                </section>
              </Tabs.Content>
              <Tabs.Content value="picture" tabIndex={-1} className="min-h-0 grow">
                {advice.data.front.length === 0 ? (
                  <p className="px-6 py-3 text-ink-2 max-md:px-3">There is no rig to draw.</p>
                ) : (
                  <FrontPicture
                    {...card}
                    advice={advice.data}
                    across={across}
                    up={up}
                    pointed={search.get("rig")}
                    put={put}
                  />
                )}
              </Tabs.Content>
              <Tabs.Content value="two" tabIndex={-1} className="min-h-0 grow">
                <TwoCrafts
                  id={id}
                  name={saved.data?.rig.name ?? ""}
                  goods={advice.data.goods}
                  other={search.get("with")}
                  put={put}
                />
              </Tabs.Content>
            </Tabs.Root>
          </div>
          <aside
            tabIndex={0}
            role="region"
            aria-label="Wishes and reasons"
            className="min-h-0 overflow-auto bg-sheet px-6 pb-6 max-md:border-t max-md:border-rule max-md:px-3"
          >
            <h2 className="pt-3 pb-1 font-semibold">Wishes</h2>
            {advice.data.goods.map((good) => (
              <Wish
                key={good.good}
                good={good}
                value={wishes[good.good] ?? said(good.good)}
                said={said(good.good) !== undefined && wishes[good.good] === undefined}
                onWish={wish}
              />
            ))}
            <WhyNot id={id} advice={advice.data} />
            <MeasureFirst advice={advice.data} />
            <GoneThrough id={id} advice={advice.data} />
          </aside>
        </main>
      )}
    </div>
  );
}

/** Where nothing keeps all wishes: which has to give, and by how much. */
function InTheWay({ advice, put }: { advice: WholeAdvice; put: (key: string, value: number) => void }) {
  return advice.relax.map((each) => (
    <p key={each.good} className="text-close">
      {capital(each.words)}: <Words text={{ words: ["nothing keeps within ", "; "], amounts: [each.from] }} />
      <button type="button" className={LEADS_ON} onClick={() => put(each.good, each.to.si)}>
        <Words text={{ words: ["with ", " there is one"], amounts: [each.to] }} />
      </button>
    </p>
  ));
}

function summary(advice: WholeAdvice): string {
  const count = advice.front.length;
  if (count === 0)
    return advice.relax.length > 0 ? "No rig keeps all of these wishes" : "No whole rig here holds";
  return count === 1 ? "One rig that nothing beats" : `${count} rigs that nothing beats, a few by name`;
}
