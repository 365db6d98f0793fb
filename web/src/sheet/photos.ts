import { sendFile } from "../api/sendFile";
import { smaller } from "../parts/smaller";

/** Sends a photo, made smaller where the browser can; the server looks what it is. */
export async function sendPhoto(rig: string, step: string, file: File): Promise<void> {
  await sendFile(
    `/api/rigs/${rig}/build/photos?step=${encodeURIComponent(step)}`,
    "application/octet-stream",
    await smaller(file),
    "The photo did not get through.",
  );
}
