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
  return { format: "bright-keel-rig", version: 15, rig };
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
  // an answer without content has no data, and that is all right
  if (result.response.ok) {
    return result.data as T;
  }
  const problem = result.error as Partial<Problem> | undefined;
  throw new ProblemError({
    title: problem?.title ?? "Failed",
    status: result.response.status,
    detail: problem?.detail ?? "The request failed.",
    ...(problem?.pointer === undefined ? {} : { pointer: problem.pointer }),
    ...(problem?.value === undefined ? {} : { value: problem.value }),
    ...(problem?.allowed === undefined ? {} : { allowed: problem.allowed }),
    ...(problem?.theirs === undefined ? {} : { theirs: problem.theirs }),
    ...(problem?.yours === undefined ? {} : { yours: problem.yours }),
  });
}

export function etag(revision: number) {
  return { "If-Match": `"${revision}"` };
}
