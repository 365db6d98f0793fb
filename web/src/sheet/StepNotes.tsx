import { useParams } from "react-router";
import type { BuildProgress } from "../api/types";
import { AddPhoto, PhotoList } from "../parts/Photos";
import { useTyped } from "../parts/useTyped";
import type { Sheet } from "./useBuild";

/** A person's own words and photos to a step; both stay on this machine. */
export function StepNotes({
  sheet,
  progress,
  step,
}: {
  sheet: Sheet;
  progress: BuildProgress;
  step: string;
}) {
  const { id = "" } = useParams();
  const kept = progress.notes.find((note) => note.step === step)?.text ?? "";
  const note = useTyped(kept, (text) => sheet.note.mutate({ step, text }));
  const photos = progress.photos.filter((photo) => photo.step === step);
  return (
    <div className="pt-1">
      <div className="flex flex-wrap items-start gap-3">
        <textarea
          id="step-note"
          aria-label="Note"
          placeholder="a note for next time"
          rows={kept === "" ? 1 : 3}
          maxLength={2000}
          value={note.typed}
          onChange={(event) => note.put(event.target.value)}
          onBlur={note.leave}
          onKeyDown={(event) => event.key === "Escape" && note.back()}
          className="min-w-0 grow border-b border-faint bg-transparent py-1 placeholder:text-ink-3 max-md:min-h-[44px]"
        />
        <AddPhoto
          id="step-photo"
          busy={sheet.photo.isPending}
          onAdd={(file) => sheet.photo.mutate({ step, file })}
        />
      </div>
      <PhotoList
        of="this step"
        photos={photos}
        at={(photo) => `/api/rigs/${id}/build/photos/${photo}`}
        onDrop={(photo) => sheet.dropPhoto.mutate(photo)}
      />
    </div>
  );
}
