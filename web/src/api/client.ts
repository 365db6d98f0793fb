import createClient from "openapi-fetch";
import type { paths } from "./generated/api";
import type { Problem, Rig, RigDocument } from "./types";

export const api = createClient<paths>({ baseUrl: "" });

/** A request the server answered with a problem, or could not answer. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

export function documentOf(rig: Rig): RigDocument {
  return { format: "bright-keel-rig", version: 2, rig };
}

/** The data of an answer; throws its problem. */
export async function answer<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let result;
  try {
    result = await request;
  } catch {
    throw new ProblemError({
      title: "No answer",
      status: 0,
      detail: "Bright Keel does not answer. Is it still running?",
    });
  }
  if (result.data !== undefined) {
    return result.data;
  }
  const problem = result.error as Partial<Problem> | undefined;
  throw new ProblemError({
    title: problem?.title ?? "Failed",
    status: result.response.status,
    detail: problem?.detail ?? "The request failed.",
    ...(problem?.pointer === undefined ? {} : { pointer: problem.pointer }),
  });
}

export function etag(revision: number) {
  return { "If-Match": `"${revision}"` };
}
