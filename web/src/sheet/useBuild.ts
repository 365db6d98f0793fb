import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import type { Build, BuildProgress, BuildStep, StepDone, Workshop } from "../api/types";
import { sendPhoto } from "./photos";
import { buildQuery, progressQuery } from "./queries";

/** A step, its number, and what is done of it. */
export interface Numbered {
  step: BuildStep;
  number: number;
  done: StepDone | undefined;
}

/** The steps as numbered in the order of the days. */
export function numbered(build: Build, progress: BuildProgress): Numbered[] {
  const done = new Map(progress.progress.steps.map((each) => [each.step, each]));
  return build.plan.steps.map((step, i) => ({ step, number: i + 1, done: done.get(step.id) }));
}

/** The first thing at a step that is not ticked yet; "" for a step that is one tick. */
export function nextItem({ step, done }: Numbered): string | undefined {
  const ticked = done?.ticked ?? [];
  if (step.checks.length === 0) return ticked.includes("") ? undefined : "";
  return step.checks.find((check) => !ticked.includes(check.id))?.id;
}

/** Progress with a tick that is on its way. */
export function ticked(now: BuildProgress, step: BuildStep, item: string, on: boolean): BuildProgress {
  const before = now.progress.steps.find((each) => each.step === step.id);
  const others = (before?.ticked ?? []).filter((each) => each !== item);
  const items = on ? [...others, item] : others;
  const whole =
    step.checks.length === 0 ? items.includes("") : step.checks.every((check) => items.includes(check.id));
  const after: StepDone = { step: step.id, ticked: items, whole, voids: before?.voids ?? [] };
  return {
    ...now,
    progress: {
      ...now.progress,
      steps: [...now.progress.steps.filter((each) => each.step !== step.id), after],
      done: now.progress.done + Number(whole) - Number(before?.whole ?? false),
    },
  };
}

/** What a person does at a sheet; every answer of the server becomes what is shown. */
export function useBuild(id: string) {
  const client = useQueryClient();
  const build = useQuery(buildQuery(id));
  const progress = useQuery(progressQuery(id));
  const keepProgress = (kept: BuildProgress) => client.setQueryData(progressQuery(id).queryKey, kept);
  const keepBuild = (kept: Build) => {
    client.setQueryData(buildQuery(id).queryKey, kept);
    void client.invalidateQueries({ queryKey: progressQuery(id).queryKey });
  };
  // where the rig was changed meanwhile everything is read again
  const onError = () => void client.invalidateQueries({ queryKey: buildQuery(id).queryKey });
  const path = { id };

  const tick = useMutation({
    mutationFn: (it: { step: BuildStep; item: string; done: boolean }) =>
      answer(
        api.PUT("/api/rigs/{id}/build/ticks", {
          params: {
            path,
            query: { step: it.step.id, item: it.item, fingerprint: it.step.fingerprint, done: it.done },
          },
        }),
      ),
    // seen at once; what the server says is what stays
    onMutate: ({ step, item, done }) =>
      client.setQueryData(progressQuery(id).queryKey, (now) => now && ticked(now, step, item, done)),
    onSuccess: keepProgress,
    onError,
  });
  const note = useMutation({
    mutationFn: (query: { step: string; text: string }) =>
      answer(api.PUT("/api/rigs/{id}/build/notes", { params: { path, query } })),
    onSuccess: keepProgress,
  });
  const photo = useMutation({
    mutationFn: ({ step, file }: { step: string; file: File }) => sendPhoto(id, step, file),
    onSuccess: () => client.invalidateQueries({ queryKey: progressQuery(id).queryKey }),
  });
  const dropPhoto = useMutation({
    mutationFn: (photo: string) =>
      answer(api.DELETE("/api/rigs/{id}/build/photos/{photo}", { params: { path: { id, photo } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: progressQuery(id).queryKey }),
  });
  const workshop = useMutation({
    mutationFn: (query: Workshop) =>
      answer(api.PUT("/api/rigs/{id}/build/workshop", { params: { path, query } })),
    onSuccess: keepBuild,
  });
  const order = useMutation({
    mutationFn: (steps: string[]) =>
      answer(
        steps.length === 0
          ? api.DELETE("/api/rigs/{id}/build/order", { params: { path } })
          : api.PUT("/api/rigs/{id}/build/order", {
              params: { path },
              body: steps.join("\n"),
              bodySerializer: (body) => body ?? "",
              headers: { "Content-Type": "text/plain" },
            }),
      ),
    onSuccess: keepBuild,
  });
  const trouble = [tick, note, photo, dropPhoto, workshop, order].find((each) => each.isError);
  return { build, progress, tick, note, photo, dropPhoto, workshop, order, trouble };
}

export type Sheet = ReturnType<typeof useBuild>;
