import { useQuery } from "@tanstack/react-query";
import { Tabs } from "radix-ui";
import { useEffect, useRef, useState } from "react";
import { Link as RouterLink, useLocation, useNavigate, useParams, useSearchParams } from "react-router";
import { rigQuery } from "../api/queries";
import type { Link, Problem, Saved } from "../api/types";
import { CableStrip } from "../drawing/CableStrip";
import { focusFirstField } from "../edit/fields";
import { RigEditor, useEditor } from "../edit/RigEditor";
import { nextStep, stepsOf } from "../parts/guide";
import { Kbd } from "../parts/Kbd";
import { RigNav } from "../parts/RigNav";
import { NameField } from "../parts/NameField";
import { TopBar } from "../parts/TopBar";
import { LINK_NAMES, LINKS } from "../parts/verdicts";
import { useUnits } from "../units/UnitsProvider";
import { AssumedDialog } from "./AssumedDialog";
import { ChangeDialog } from "./ChangeDialog";
import { type Command, CommandsDialog } from "./CommandsDialog";
import { ComparePane } from "./ComparePane";
import { FilesMenu } from "./FilesMenu";
import { FindingsBar } from "./FindingsBar";
import { FindingsDialog } from "./FindingsDialog";
import { GoneDialog } from "./GoneDialog";
import { callGuide, GuideBar } from "./GuideBar";
import { HistoryDialog } from "./HistoryDialog";
import { StaleDialog } from "./StaleDialog";
import { useKeys } from "../parts/keys";
import { PicturePane } from "./PicturePane";
import { ListsDialog } from "./ListsDialog";
import { PreferencesDialog } from "./PreferencesDialog";
import { SetPane } from "./SetPane";
import { TAB } from "../parts/tab";
import { WhyPane } from "./WhyPane";

/** One rig as a line: the strip, the picture of a link, its panes, the findings. */
export default function LineView() {
  const { id = "", link } = useParams();
  const saved = useQuery(rigQuery(id));
  if (saved.isPending) {
    return <Waiting words="Fetching the rig…" />;
  }
  if (saved.isError) {
    return <Waiting words={saved.error.message} />;
  }
  const known = LINKS.find((each) => each === link) ?? saved.data.review.weakest;
  return (
    <RigEditor saved={saved.data} link={known}>
      <Line saved={saved.data} link={known} />
    </RigEditor>
  );
}

function Waiting({ words }: { words: string }) {
  return (
    <>
      <TopBar />
      <main className="p-7">
        <p>{words}</p>
        <RouterLink to="/" className="text-act underline underline-offset-4">
          to the shelf
        </RouterLink>
      </main>
    </>
  );
}

type Pane = "set" | "compare" | "why";

function Line({ saved, link }: { saved: Saved; link: Link }) {
  const { move, problem, dismiss, previewed, epoch } = useEditor();
  const { toggle } = useUnits();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const [dialog, setDialog] = useState<
    "findings" | "commands" | "history" | "you" | "lists" | { change: string } | { assumed: Link } | null
  >(useLocation().hash === "#lists" ? "lists" : null);
  const pane = (["set", "compare", "why"] as Pane[]).find((each) => each === search.get("pane")) ?? "set";
  // by the address as it is now: a key pressed right after another comes before the page is drawn anew
  const show = (next: Pane) =>
    void navigate(
      { pathname: window.location.pathname, search: next === "set" ? "" : `?pane=${next}` },
      { replace: true },
    );

  const open = (change: string) => setDialog({ change });
  const commands: Command[] = [
    ...LINKS.map((each, i) => ({
      key: String(i + 1),
      words: `Go to ${LINK_NAMES[each]}`,
      run: () => void navigate(`/rigs/${saved.id}/${each}`),
    })),
    {
      key: "s",
      words: "Set: to the first field",
      run: () => {
        show("set");
        focusFirstField();
      },
    },
    { key: "c", words: "Compare", run: () => show("compare") },
    { key: "w", words: "Why", run: () => show("why") },
    { key: "f", words: "Findings", run: () => setDialog("findings") },
    { key: "a", words: "What we guessed here", run: () => setDialog({ assumed: link }) },
    { key: "u", words: "Change units", run: toggle },
    { key: "p", words: "You and your habits", run: () => setDialog("you") },
    { key: "l", words: "Lists", run: () => setDialog("lists") },
    { key: "h", words: "History", run: () => setDialog("history") },
    {
      key: "n",
      words: "Next step of the first pass",
      run: () => {
        const next = nextStep(stepsOf(saved.review), link);
        if (next) void navigate(`/rigs/${saved.id}/${next.link}`);
      },
    },
    { key: "b", words: "Fill in the rest", run: () => open("water.fill-in") },
    { key: "m", words: "Mend all that won't work", run: () => open("water.mend-all") },
    { key: "g", words: "Call the guide back", run: () => callGuide(saved.id) },
    { key: "e", words: "Sheet: build it", run: () => void navigate(`/rigs/${saved.id}/sheet`) },
    { key: "t", words: "Log: trips", run: () => void navigate(`/rigs/${saved.id}/log`) },
    { key: "y", words: "Season: what is due", run: () => void navigate(`/rigs/${saved.id}/season`) },
    { key: "z", words: "Undo", run: () => move("undo") },
    { key: "Z", words: "Redo", run: () => move("redo") },
    { key: "/", words: "Commands", run: () => setDialog("commands") },
    { key: "?", words: "Keys", run: () => setDialog("commands") },
  ];
  const work = useRef<HTMLDivElement>(null);
  // whoever comes by a key begins at the work, not at the top of the page
  useEffect(() => {
    if (document.activeElement === document.body) work.current?.focus({ preventScroll: true });
  }, [link]);
  useKeys(Object.fromEntries(commands.map((command) => [command.key, command.run])));

  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <TopBar>
        <span className="flex min-w-0 grow items-center gap-3 max-md:order-last max-md:w-full max-md:flex-wrap md:basis-0">
          <RouterLink to="/" className="whitespace-nowrap text-ink-3">
            Shelf ›
          </RouterLink>
          <h1 className="min-w-0 max-w-[380px] grow max-md:basis-3/4">
            <NameField label="Name of the rig" pointer="/name" big />
          </h1>
          <Steps
            saved={saved}
            onHistory={() => setDialog("history")}
            onYou={() => setDialog("you")}
            onLists={() => setDialog("lists")}
          />
        </span>
        <RigNav id={saved.id} at="line" />
      </TopBar>
      <CableStrip
        id={saved.id}
        review={previewed?.review ?? saved.review}
        selected={link}
        onAssumed={(assumed) => setDialog({ assumed })}
      />
      <GuideBar onFindings={() => setDialog("findings")} onLists={() => setDialog("lists")} />
      {problem?.status === 412 ? (
        <StaleDialog problem={problem} />
      ) : problem?.status === 410 ? (
        <GoneDialog />
      ) : (
        problem && <Trouble problem={problem} onClose={dismiss} />
      )}
      <main
        className={`grid min-h-0 grow grid-cols-1 ${pane === "compare" ? "md:grid-cols-[minmax(0,1fr)_minmax(420px,1fr)]" : "md:grid-cols-[minmax(0,3fr)_minmax(420px,2fr)]"}`}
      >
        <section
          aria-label={`Picture of ${LINK_NAMES[link]}`}
          className="min-h-0 max-md:order-last md:border-r md:border-rule"
        >
          <PicturePane />
        </section>
        <div id="work" ref={work} tabIndex={-1} className="flex min-h-0 flex-col outline-none">
          <Panes key={epoch} pane={pane} show={show} />
        </div>
      </main>
      <FindingsBar onCure={open} onAll={() => setDialog("findings")} onKeys={() => setDialog("commands")} />
      {dialog === "findings" && <FindingsDialog onClose={() => setDialog(null)} onCure={open} />}
      {dialog === "history" && <HistoryDialog onClose={() => setDialog(null)} />}
      {dialog === "lists" && <ListsDialog onClose={() => setDialog(null)} />}
      {dialog === "you" && <PreferencesDialog onClose={() => setDialog(null)} />}
      {dialog === "commands" && (
        <CommandsDialog commands={commands.slice(0, -2)} onClose={() => setDialog(null)} />
      )}
      {dialog !== null && typeof dialog === "object" && "change" in dialog && (
        <ChangeDialog change={dialog.change} onClose={() => setDialog(null)} />
      )}
      {dialog !== null && typeof dialog === "object" && "assumed" in dialog && (
        <AssumedDialog link={dialog.assumed} onClose={() => setDialog(null)} />
      )}
    </div>
  );
}

function Steps({
  saved,
  onHistory,
  onYou,
  onLists,
}: {
  saved: Saved;
  onHistory: () => void;
  onYou: () => void;
  onLists: () => void;
}) {
  const { move, busy, failed } = useEditor();
  return (
    <span className="flex items-center gap-2 whitespace-nowrap text-ink-3">
      {failed ? (
        <span className="text-fails">the last change is not kept</span>
      ) : (
        <span className="max-xl:hidden">{busy ? "keeping…" : "all changes kept"}</span>
      )}
      <button
        type="button"
        disabled={!saved.canUndo || busy}
        onClick={() => move("undo")}
        className="disabled:opacity-60"
      >
        <Kbd>z</Kbd> undo
      </button>
      <button
        type="button"
        disabled={!saved.canRedo || busy}
        onClick={() => move("redo")}
        className="disabled:opacity-60"
      >
        <Kbd>Z</Kbd> redo
      </button>
      <button type="button" onClick={onHistory} className="underline decoration-rule underline-offset-4">
        history
      </button>
      <button type="button" onClick={onYou} className="underline decoration-rule underline-offset-4">
        my habits
      </button>
      <button type="button" onClick={onLists} className="underline decoration-rule underline-offset-4">
        lists
      </button>
      <FilesMenu />
    </span>
  );
}

/** Where the fault is not in what was wanted, the same may be tried again. */
function Trouble({ problem, onClose }: { problem: Problem; onClose: () => void }) {
  const { failed, again } = useEditor();
  const ours = problem.status === 0 || problem.status >= 500;
  return (
    <div
      role="status"
      className="flex items-baseline gap-4 border-b border-fails bg-sheet px-6 py-1.5 text-fails"
    >
      <span className="grow">{problem.detail}</span>
      {failed && ours && (
        <button type="button" onClick={again} className="font-semibold underline underline-offset-4">
          try again
        </button>
      )}
      <button type="button" onClick={onClose} className="underline underline-offset-4">
        dismiss
      </button>
    </div>
  );
}

const PANES: [Pane, string, string][] = [
  ["set", "Set", "s"],
  ["compare", "Compare", "c"],
  ["why", "Why", "w"],
];

function Panes({ pane, show }: { pane: Pane; show: (pane: Pane) => void }) {
  return (
    <Tabs.Root
      value={pane}
      onValueChange={(next) => show(next as Pane)}
      className="flex min-h-0 grow flex-col bg-sheet max-md:border-t max-md:border-rule"
    >
      <Tabs.List aria-label="Panes" className="mx-6 mt-3 flex gap-6 border-b border-rule">
        {PANES.map(([value, words, key]) => (
          <Tabs.Trigger key={value} value={value} className={TAB}>
            {words} <Kbd>{key}</Kbd>
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {PANES.map(([value]) => (
        <Tabs.Content key={value} value={value} className="min-h-0 grow overflow-auto px-6 py-3">
          {value === "set" ? <SetPane /> : value === "compare" ? <ComparePane /> : <WhyPane />}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
