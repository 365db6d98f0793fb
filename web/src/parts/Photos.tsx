import { useId } from "react";
import { LEADS_ON } from "./Button";

/** Photos of something, one more, and one less. */
export function Photos({
  of,
  photos,
  at,
  onAdd,
  onDrop,
}: {
  of: string;
  photos: string[];
  /** Address of one. */
  at: (photo: string) => string;
  onAdd: (file: File) => void;
  onDrop: (photo: string) => void;
}) {
  const id = useId();
  return (
    <div className="pb-2">
      <label htmlFor={id} className={`${LEADS_ON} cursor-pointer`}>
        add a photo
        <input
          id={id}
          type="file"
          accept="image/jpeg,image/png"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) onAdd(file);
            event.target.value = "";
          }}
        />
      </label>
      {photos.length > 0 && (
        <ul className="flex flex-wrap gap-3 pt-2">
          {photos.map((photo, i) => (
            <li key={photo}>
              <a href={at(photo)} target="_blank" rel="noreferrer">
                <img
                  src={at(photo)}
                  alt={`Photo ${i + 1} of ${of}`}
                  className="h-[90px] border border-rule"
                />
              </a>
              <button
                type="button"
                className="text-[13px] text-ink-2 underline decoration-rule underline-offset-4"
                onClick={() => onDrop(photo)}
              >
                take it away<span className="sr-only">: photo {i + 1}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
