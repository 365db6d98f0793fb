/** Longest side that is kept [pixels]: enough to see a crimp. */
const SIDE = 1800;

/** What cannot be read as a picture is sent as it is, to be told why it is none. */
export async function smaller(file: File): Promise<Blob> {
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
