import { sendFile } from "../api/sendFile";

/** Longest side that is kept [pixels]: enough to see a crimp. */
const SIDE = 1800;

/** Sends a photo, made smaller where the browser can; the server looks what it is. */
export async function sendPhoto(rig: string, step: string, file: File): Promise<void> {
  await sendFile(
    `/api/rigs/${rig}/build/photos?step=${encodeURIComponent(step)}`,
    "application/octet-stream",
    await smaller(file),
    "The photo did not get through.",
  );
}

/** What cannot be read as a picture is sent as it is, to be told why it is none. */
async function smaller(file: File): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => undefined);
  if (picture === undefined) return file;
  const scale = SIDE / Math.max(picture.width, picture.height);
  if (scale >= 1) return file;
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const made = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/jpeg", 0.85));
  return made ?? file;
}
