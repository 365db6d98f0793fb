import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { sceneQuery } from "../api/queries";
import type { Link, Picture } from "../api/types";
import { SceneDrawing } from "../drawing/SceneDrawing";
import { useEditor } from "../edit/RigEditor";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";
import { WantedHere } from "./WantedHere";
import { HarnessBench } from "./HarnessBench";

/** The to-scale picture of the link; while something is dragged, the picture of that. */
export function PicturePane() {
  const { link } = useEditor();
  return link === "wire" ? <HarnessBench /> : <Kept />;
}

function Kept() {
  const { saved, link, previewed } = useEditor();
  const kept = useQuery(sceneQuery(saved.id, saved.revision, link));
  if (previewed) {
    return <Drawn picture={previewed.picture} />;
  }
  if (kept.isPending) {
    return <p className="p-7 text-ink-3">Drawing…</p>;
  }
  return kept.isError ? (
    <p className="p-7 text-fails">{kept.error.message}</p>
  ) : (
    <Drawn picture={kept.data} />
  );
}

/** The way to the first field that the picture waits for. */
function Wanted({ link }: { link: Link }) {
  const { saved } = useEditor();
  const state = saved.review.links.find((each) => each.link === link);
  const first = state?.kind === "open" ? state.pointers[0] : undefined;
  return first === undefined ? null : <WantedHere pointer={first} />;
}

/** Place of the picture of all batteries among those of the Battery link. */
const COMPARED = 1;

/** One scene at a time; where a link has several, their titles stand above. */
function Drawn({ picture }: { picture: Picture }) {
  const { link } = useEditor();
  const { text } = useUnits();
  // beside the batteries compared stand all of them in one picture
  const comparing = useSearchParams()[0].get("pane") === "compare" && link === "battery";
  const at = `${link} ${comparing}`;
  const [shown, setShown] = useState({ at: "", index: 0 });
  const first = comparing && picture.scenes.length > 1 ? COMPARED : 0;
  const index = shown.at === at && shown.index < picture.scenes.length ? shown.index : first;
  const scene = picture.scenes[index];
  return scene ? (
    <div className="flex h-full min-h-0 flex-col">
      {picture.scenes.length > 1 && (
        <div
          role="group"
          aria-label="Pictures of this link"
          className="flex flex-wrap gap-x-5 gap-y-1 px-7 pt-3 max-md:px-3"
        >
          {picture.scenes.map((each, i) => (
            <button
              key={i}
              type="button"
              aria-pressed={i === index}
              onClick={() => setShown({ at, index: i })}
              className={
                i === index
                  ? "border-b-2 border-act text-[14.5px] font-semibold whitespace-nowrap"
                  : "border-b-2 border-transparent text-[14.5px] whitespace-nowrap text-ink-2 hover:border-rule"
              }
            >
              {text(each.title)}
            </button>
          ))}
        </div>
      )}
      <div className="min-h-0 grow">
        <SceneDrawing scene={scene} titled={picture.scenes.length === 1} />
      </div>
    </div>
  ) : (
    <div className="flex h-full min-h-[220px] flex-col items-center justify-center gap-3 p-8 text-center text-ink-2">
      <svg
        width="220"
        height="36"
        viewBox="0 0 220 36"
        fill="none"
        stroke="var(--faint)"
        strokeWidth="2"
        aria-hidden="true"
      >
        <path d="M0 18H96M124 18H220" strokeDasharray="4 6" />
        <rect x="97" y="8" width="26" height="20" rx="5" strokeDasharray="4 4" />
      </svg>
      <p className="max-w-[44ch]">
        <Words text={picture.why} />
      </p>
      <Wanted link={link} />
    </div>
  );
}
