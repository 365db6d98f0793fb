import { useMutation, useQueryClient } from "@tanstack/react-query";
import { createContext, type ReactNode, useContext, useRef, useState } from "react";
import { answer, api, documentOf, etag, ProblemError } from "../api/client";
import type { Link, Problem, Rig, Saved } from "../api/types";
import { rigQuery } from "../api/queries";
import { setAt } from "./pointer";
import { withUseAt } from "./power";
import { type Previewed, usePreview } from "./usePreview";

interface Editor {
  saved: Saved;
  rig: Rig;
  link: Link;
  /** Saves a change as one revision, on top of whatever this window has still under way. */
  save: (change: (now: Rig) => Rig) => void;
  set: (pointer: string, value: unknown) => void;
  /** Reviews a changed rig without keeping it, while something is dragged. */
  preview: (rig: Rig) => void;
  /** What was dragged was let go where nothing counts. */
  dropPreview: () => void;
  previewed: Previewed | null;
  take: (change: string) => void;
  /** The piece of the picture that was chosen last, by its id; "" where none was. */
  selected: string;
  select: (part: string) => void;
  move: (where: "undo" | "redo") => void;
  /** Goes to any revision. */
  go: (revision: number) => void;
  /** After a stale edit: saves this window's version on top of the other's; null where there is none. */
  putOnTop: (() => void) | null;
  /** After that, or after it was deleted elsewhere: this window's version becomes a rig of its own. */
  keepAsCopy: (() => void) | null;
  /** After the rig was deleted elsewhere: takes it from there, and then this window's change. */
  bringBack: () => void;
  /** Whether the last change was not kept. */
  failed: boolean;
  /** Sends the change that was not kept once more. */
  again: () => void;
  /** Rises when what stands in the fields is to be forgotten. */
  epoch: number;
  problem: Problem | null;
  dismiss: () => void;
  busy: boolean;
}

const Context = createContext<Editor | null>(null);

/** Answered for a rig that was deleted. */
const GONE = 410;

export function RigEditor({ saved, link, children }: { saved: Saved; link: Link; children: ReactNode }) {
  const client = useQueryClient();
  const { previewed, preview, hold, drop } = usePreview(link);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [epoch, setEpoch] = useState(0);
  const [selected, select] = useState("");
  const refused = useRef<Rig | null>(null);
  const path = { id: saved.id };

  // One after the other, each on what the one before left: two quick steps are two steps, not a conflict.
  const keep = useMutation({
    scope: { id: saved.id },
    mutationFn: (send: (now: Saved) => Promise<Saved>) => {
      // only a whole rig can be put on top or kept as a copy, and only the one that was refused last
      refused.current = null;
      hold();
      return send(client.getQueryData(rigQuery(saved.id).queryKey) ?? saved);
    },
    onSuccess: (next: Saved) => {
      client.setQueryData(rigQuery(saved.id).queryKey, next);
      void client.invalidateQueries({ queryKey: ["shelf"] });
      setProblem(null);
    },
    onError: (error) => {
      if (error instanceof ProblemError) {
        setProblem(error.problem);
        if (error.problem.status === 412) {
          void client.invalidateQueries({ queryKey: rigQuery(saved.id).queryKey, exact: true });
        }
      }
    },
    onSettled: drop,
  });

  // a hand is quicker than the answer that follows a conflict: what goes on top asks what it goes on top of
  const newest = () => client.fetchQuery({ ...rigQuery(saved.id), staleTime: 0 });

  const put = (rig: Rig, revision: number) => {
    refused.current = rig;
    return answer(
      api.PUT("/api/rigs/{id}", { params: { path, header: etag(revision) }, body: documentOf(rig) }),
    );
  };
  const copy = useMutation({
    mutationFn: (rig: Rig) => answer(api.POST("/api/rigs/import", { body: documentOf(rig) })),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ["shelf"] });
      setEpoch(epoch + 1);
      keep.reset();
      setProblem(null);
    },
    onError: (error) => error instanceof ProblemError && setProblem(error.problem),
  });
  const restore = useMutation({
    mutationFn: () => answer(api.POST("/api/rigs/{id}/restore", { params: { path } })),
    onSuccess: (back: Saved) => {
      client.setQueryData(rigQuery(saved.id).queryKey, back);
      again();
    },
    onError: (error) => error instanceof ProblemError && setProblem(error.problem),
  });
  const again = () => keep.variables && keep.mutate(keep.variables);
  const stale = problem?.status === 412 && problem.yours !== undefined ? refused.current : null;
  const gone = problem?.status === GONE ? (refused.current ?? saved.rig) : null;
  const copied = stale ?? gone;
  const editor: Editor = {
    saved,
    rig: saved.rig,
    link,
    save: (change) => keep.mutate((now) => put(change(now.rig), now.revision)),
    set: (pointer, value) =>
      keep.mutate((now) => put(setAt(withUseAt(now.rig, pointer), pointer, value), now.revision)),
    preview,
    dropPreview: drop,
    previewed,
    selected,
    select,
    take: (change) =>
      keep.mutate((now) =>
        answer(
          api.POST("/api/rigs/{id}/changes/{change}", {
            params: { path: { ...path, change }, header: etag(now.revision) },
          }),
        ),
      ),
    move: (where) =>
      keep.mutate((now) => {
        const params = { path, header: etag(now.revision) };
        return answer(
          where === "undo"
            ? api.POST("/api/rigs/{id}/undo", { params })
            : api.POST("/api/rigs/{id}/redo", { params }),
        );
      }),
    go: (revision) =>
      keep.mutate((now) =>
        answer(
          api.POST("/api/rigs/{id}/revisions/{number}", {
            params: { path: { ...path, number: revision }, header: etag(now.revision) },
          }),
        ),
      ),
    keepAsCopy: copied && (() => copy.mutate(copied)),
    bringBack: () => restore.mutate(),
    failed: keep.isError,
    again,
    epoch,
    putOnTop: stale && (() => keep.mutate(async () => put(stale, (await newest()).revision))),
    problem,
    dismiss: () => {
      // what was typed and not kept is let go; what was refused for its value stays to be put right
      if (problem && problem.status !== 422) setEpoch(epoch + 1);
      keep.reset();
      setProblem(null);
    },
    busy: keep.isPending,
  };
  return <Context value={editor}>{children}</Context>;
}

/** Whether the rig can be changed here: some views only show it. */
export function useIsEdited(): boolean {
  return useContext(Context) !== null;
}

export function useEditor(): Editor {
  const editor = useContext(Context);
  if (editor === null) {
    throw new Error("useEditor wants a RigEditor above it");
  }
  return editor;
}
