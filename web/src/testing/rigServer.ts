import type { Problem, Review, Rig, Saved } from "../api/types";
import { blankRig } from "./blankRig";

/** A server with one rig, in memory: what a test of the screen's parts asks instead of the application. */
export class RigServer {
  readonly revisions: Rig[] = [blankRig("rig", "sit-on-top")];
  readonly asked: string[] = [];
  assumed: Review["assumed"] = [];
  /** What the next change is answered with in place of being kept. */
  refuse: Problem | null = null;

  get saved(): Saved {
    const rig = this.revisions.at(-1)!;
    const review = {
      links: [],
      findings: [],
      cautions: [],
      guide: [],
      weakest: "water",
      assumed: this.assumed,
    };
    return { id: "rig", revision: this.revisions.length, rig, review } as unknown as Saved;
  }

  /** Another window saves. */
  elsewhere(change: (now: Rig) => Rig) {
    this.revisions.push(change(this.saved.rig));
  }

  readonly fetch = async (request: Request): Promise<Response> => {
    this.asked.push(`${request.method} ${new URL(request.url).pathname}`);
    if (request.method === "GET") return json(200, this.saved);
    const problem = this.refuse ?? this.stale(request);
    this.refuse = null;
    if (problem) return json(problem.status, problem);
    if (request.url.endsWith("/undo")) this.revisions.push(this.revisions.at(-2)!);
    else this.revisions.push(((await request.json()) as { rig: Rig }).rig);
    return json(200, this.saved);
  };

  private stale(request: Request): Problem | null {
    return request.headers.get("If-Match") === `"${this.revisions.length}"`
      ? null
      : {
          title: "Changed elsewhere",
          status: 412,
          detail: "It was changed in another window.",
          yours: [],
          theirs: [],
        };
  }
}

function json(status: number, body: unknown): Response {
  return new Response(JSON.stringify(body), { status, headers: { "Content-Type": "application/json" } });
}
