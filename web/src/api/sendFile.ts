import type { Problem } from "./types";

/** Sends a file as it is; the server looks what it is, and what is wrong with it is the server's to say. */
export async function sendFile<Answer>(
  path: string,
  type: string,
  body: Blob,
  lost: string,
): Promise<Answer> {
  const response = await fetch(path, { method: "POST", headers: { "Content-Type": type }, body });
  if (!response.ok) {
    const problem = (await response.json().catch(() => undefined)) as Problem | undefined;
    throw new Error(problem?.detail ?? lost);
  }
  return (await response.json()) as Answer;
}
