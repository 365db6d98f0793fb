import { LEADS_ON } from "./Button";

/** Takes one photo more. */
export function AddPhoto({
  id,
  busy = false,
  onAdd,
}: {
  /** By which a key finds it. */
  id?: string;
  busy?: boolean;
  onAdd: (file: File) => void;
}) {
  return (
    <label className={`cursor-pointer py-1 ${LEADS_ON} max-md:min-h-[44px] max-md:py-3`}>
      {busy ? "keeping the photo…" : "add a photo"}
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
  );
}

/** Photos of something; each opens, and can be taken away. */
export function PhotoList({
  of,
  photos,
  at,
  onDrop,
}: {
  of: string;
  photos: { id: string; wide?: number; tall?: number }[];
  /** Address of one. */
  at: (photo: string) => string;
  onDrop: (photo: string) => void;
}) {
  if (photos.length === 0) return null;
  return (
    <ul className="flex flex-wrap gap-3 pt-2">
      {photos.map((photo, i) => (
        <li key={photo.id}>
          <a href={at(photo.id)} target="_blank" rel="noreferrer">
            <img
              src={at(photo.id)}
              alt={`Photo ${i + 1} of ${of}`}
              width={photo.wide}
              height={photo.tall}
              className="h-[92px] w-auto border border-rule"
            />
          </a>
          <button type="button" className={`text-[13px] ${LEADS_ON}`} onClick={() => onDrop(photo.id)}>
            take it away<span className="sr-only">: photo {i + 1}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
