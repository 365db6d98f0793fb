import { useParams } from "react-router";
import type { BuildProgress } from "../api/types";
import { LEADS_ON } from "../parts/Button";
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
  const take = (files: FileList | null) => {
    const file = files?.[0];
    if (file) sheet.photo.mutate({ step, file });
  };
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
        <label className={`cursor-pointer py-1 ${LEADS_ON} max-md:min-h-[44px] max-md:py-3`}>
          {sheet.photo.isPending ? "keeping the photo…" : "add a photo"}
          <input
            id="step-photo"
            type="file"
            accept="image/jpeg,image/png"
            className="sr-only"
            onChange={(event) => {
              take(event.target.files);
              event.target.value = "";
            }}
          />
        </label>
      </div>
      {photos.length > 0 && (
        <ul className="flex flex-wrap gap-3 pt-2">
          {photos.map((photo, i) => (
            <li key={photo.id}>
              <a href={`/api/rigs/${id}/build/photos/${photo.id}`} target="_blank" rel="noreferrer">
                <img
                  src={`/api/rigs/${id}/build/photos/${photo.id}`}
                  alt={`Photo ${i + 1} of this step`}
                  width={photo.wide}
                  height={photo.tall}
                  className="h-[92px] w-auto border border-rule"
                />
              </a>
              <button
                type="button"
                className={`text-[13px] ${LEADS_ON}`}
                onClick={() => sheet.dropPhoto.mutate(photo.id)}
              >
                take it away
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
