import { useEffect, useState } from "react";

/** Calls back with files dropped anywhere on the page; tells whether some are being dragged over it. */
export function useDropped(onFiles: (files: File[]) => void): boolean {
  const [over, setOver] = useState(false);
  useEffect(() => {
    const carries = (event: DragEvent) => event.dataTransfer?.types.includes("Files") ?? false;
    const onOver = (event: DragEvent) => {
      if (carries(event)) {
        event.preventDefault();
        setOver(true);
      }
    };
    const onLeave = (event: DragEvent) => {
      if (event.relatedTarget === null) setOver(false);
    };
    const onDrop = (event: DragEvent) => {
      setOver(false);
      if (carries(event)) {
        event.preventDefault();
        onFiles([...(event.dataTransfer?.files ?? [])]);
      }
    };
    window.addEventListener("dragover", onOver);
    window.addEventListener("dragleave", onLeave);
    window.addEventListener("drop", onDrop);
    return () => {
      window.removeEventListener("dragover", onOver);
      window.removeEventListener("dragleave", onLeave);
      window.removeEventListener("drop", onDrop);
    };
  }, [onFiles]);
  return over;
}
