import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { harnessQuery, type Moment } from "../api/queries";
import { takerUnder } from "../drawing/ElementGrip";
import { SceneDrawing } from "../drawing/SceneDrawing";
import { useHand } from "../drawing/useHand";
import { pieceOf } from "../edit/parts";
import { useEditor } from "../edit/RigEditor";
import { Words } from "../parts/Words";
import { MomentBar } from "./MomentBar";

const JUDGED: Moment = { charge: "empty", hour: 0, starting: false, off: [] };

/** The drawn harness, the moment it is looked at, and what can be put into its wires. */
export function HarnessBench() {
  const { saved, previewed } = useEditor();
  const [moment, setMoment] = useState(JUDGED);
  const picture = useQuery(harnessQuery(saved.id, saved.revision, moment));
  const shown = previewed?.picture ?? picture.data;
  const scene = shown?.scenes[0];
  if (!scene) {
    return (
      <p className="p-7 text-ink-2">
        {picture.isPending ? "Drawing…" : shown ? <Words text={shown.why} /> : picture.error?.message}
      </p>
    );
  }
  return (
    <div className="relative flex h-full min-h-0 flex-col">
      <Palette />
      <div className="min-h-0 grow">
        <SceneDrawing scene={scene} />
      </div>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-0.5 border-t border-rule px-7 py-1.5 text-[13px] max-md:px-3">
        <MomentBar moment={moment} onChange={setMoment} />
      </div>
    </div>
  );
}

const PIECES: [string, string][] = [
  ["fuse", "fuse"],
  ["switch", "switch"],
  ["plug", "plug"],
  ["splitter", "splitter"],
];

/** Pieces to put into a wire: pressed, they go into the chosen one; dragged, into the one they are dropped on. */
function Palette() {
  return (
    <div
      role="group"
      aria-label="Pieces to put into a wire"
      className="flex items-center gap-1.5 px-7 pt-4 text-[12.5px] md:absolute md:right-4 md:z-10 md:px-0 md:pt-3"
    >
      <span className="text-ink-3">put in</span>
      {PIECES.map(([kind, words]) => (
        <PieceButton key={kind} kind={kind} words={words} />
      ))}
    </div>
  );
}

/** Pressed it goes into the chosen wire; dragged, into the one it is dropped on. */
function PieceButton({ kind, words }: { kind: string; words: string }) {
  const { rig, selected, take, busy } = useEditor();
  const wire = pieceOf(rig, selected)?.list === "segments";
  const put = (onto: string) => onto !== "" && !busy && take(`wire.in.${kind}.${onto}`);
  const hand = useHand({ dropped: (at) => put(takerUnder(at, `wire.in.${kind}.`)) });
  return (
    <button
      type="button"
      title={wire ? `a ${words} in the chosen wire` : "drag it onto a wire, or choose a wire first"}
      className="cursor-grab touch-none rounded border border-faint px-1.5 py-0.5 text-ink-2 hover:border-act hover:text-act"
      {...hand()}
      onClick={() => put(wire ? selected : "")}
    >
      {words}
    </button>
  );
}
