import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, documentOf, etag } from "../api/client";
import { sendFile } from "../api/sendFile";
import { rigQuery, shelfQuery } from "../api/queries";
import type { Rig, RigDocument, Saved, ShelfEntry, Unreadable } from "../api/types";
import { beginGuide, nextStep, stepsOf } from "../parts/guide";
import { type Known, withSaid } from "./start";

const MOST_BYTES = 1 << 20;

/** What a person was told last, and how it is taken back. */
export interface Told {
  words: string;
  fault?: boolean;
  undo?: () => void;
}

/** Everything that can be done on the shelf. */
export function useShelf() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [told, setTold] = useState<Told | null>(null);
  const again = () => client.invalidateQueries({ queryKey: shelfQuery.queryKey });
  const act = useMutation({
    mutationFn: (work: () => Promise<Told | null>) => work(),
    onSuccess: setTold,
    onError: (error) => setTold({ words: error.message, fault: true }),
    onSettled: again,
  });
  const keep = (saved: Saved) => client.setQueryData(rigQuery(saved.id).queryKey, saved);

  const restore = (id: string) =>
    act.mutate(async () => {
      const saved = await answer(api.POST("/api/rigs/{id}/restore", { params: { path: { id } } }));
      return { words: `“${saved.rig.name}” is back.` };
    });

  return {
    told,
    hush: () => setTold(null),
    busy: act.isPending,
    start: (name: string, kind: Rig["craft"]["kind"], known: Known) =>
      act.mutate(async () => {
        const query = { name, craft: kind };
        let saved = await answer(api.POST("/api/rigs/blank", { params: { query } }));
        const take = async (change: string) => {
          const params = { path: { id: saved.id, change }, header: etag(saved.revision) };
          saved = await answer(api.POST("/api/rigs/{id}/changes/{change}", { params }));
        };
        if (known.craft !== "") await take(`mount.craft.${known.craft}`);
        if (known.display !== "") await take(`screen.one-more.${known.display}`);
        if (known.transducer !== "") await take(`transducer.one-more.${known.transducer}`);
        const told = withSaid(saved.rig, known);
        if (told !== saved.rig) {
          const params = { path: { id: saved.id }, header: etag(saved.revision) };
          saved = await answer(api.PUT("/api/rigs/{id}", { params, body: documentOf(told) }));
        }
        if (known.pack !== "") await take(`battery.own.${known.pack}`);
        if (known.rest === "filled-in") await take("water.fill-in");
        keep(saved);
        beginGuide(saved.id);
        const view =
          known.rest === "advised"
            ? "advice"
            : (nextStep(stepsOf(saved.review))?.link ?? saved.review.weakest);
        void navigate(`/rigs/${saved.id}/${view}`);
        return null;
      }),
    duplicate: (entry: ShelfEntry) =>
      act.mutate(async () => {
        const path = { id: entry.id };
        const saved = await answer(api.POST("/api/rigs/{id}/duplicate", { params: { path } }));
        return { words: `“${saved.rig.name}” stands beside it.` };
      }),
    remove: (entry: Pick<ShelfEntry, "id" | "revision" | "name">) =>
      act.mutate(async () => {
        const params = { path: { id: entry.id }, header: etag(entry.revision) };
        await answer(api.DELETE("/api/rigs/{id}", { params }));
        return { words: `“${entry.name}” was deleted.`, undo: () => restore(entry.id) };
      }),
    restore,
    setBack: (rig: Unreadable) =>
      act.mutate(async () => {
        const params = { path: { id: rig.id, number: rig.earlier }, header: etag(rig.revision) };
        const saved = await answer(api.POST("/api/rigs/{id}/revisions/{number}", { params }));
        return {
          words: `“${saved.rig.name}” stands where it was at step ${rig.earlier}; the later steps stay.`,
        };
      }),
    take: (files: File[]) =>
      act.mutate(async () => {
        const names: string[] = [];
        const faults: string[] = [];
        for (const file of files) {
          await taken(file).then(
            (name) => names.push(`“${name}”`),
            (error: Error) => faults.push(error.message),
          );
        }
        const there = `${names.join(", ")} ${names.length === 1 ? "is" : "are"} on the shelf.`;
        return {
          words: [...(names.length > 0 ? [there] : []), ...faults].join(" "),
          fault: faults.length > 0,
        };
      }),
  };
}

/** Sends a file as it is; what is wrong with it is the server's to say. */
async function taken(file: File): Promise<string> {
  if (file.name.toLowerCase().endsWith(".zip")) {
    const saved = await sendFile<Saved>(
      "/api/rigs/bundle",
      "application/zip",
      file,
      "did not get through",
    ).catch((error: Error) => {
      throw new Error(`${file.name}: ${error.message}`);
    });
    return saved.rig.name;
  }
  if (file.size > MOST_BYTES) {
    throw new Error(`${file.name}: larger than 1 MB, the most a rig may take.`);
  }
  const text = await file.text();
  try {
    const saved = await answer(
      api.POST("/api/rigs/import", {
        body: text as unknown as RigDocument,
        bodySerializer: (body) => body as unknown as string,
        headers: { "Content-Type": "application/json" },
      }),
    );
    return saved.rig.name;
  } catch (error) {
    throw new Error(`${file.name}: ${error instanceof Error ? error.message : "cannot be read"}`);
  }
}
