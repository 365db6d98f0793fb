import { useQuery } from "@tanstack/react-query";
import { sceneQuery } from "../api/queries";
import type { Picture } from "../api/types";
import { SceneDrawing } from "../drawing/SceneDrawing";
import { useEditor } from "../edit/RigEditor";
import { Words } from "../parts/Words";

/** The to-scale picture of the link; while something is dragged, the picture of that. */
export function PicturePane() {
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

function Drawn({ picture }: { picture: Picture }) {
  const scene = picture.scenes[0];
  return scene ? (
    <SceneDrawing scene={scene} />
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
    </div>
  );
}
