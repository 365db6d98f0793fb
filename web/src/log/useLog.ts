import { queryOptions, useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, etag } from "../api/client";
import { sendFile } from "../api/sendFile";
import { smaller } from "../parts/smaller";
import type { Lesson, TripLog, TripSaid } from "../api/types";

const keyOf = (id: string) => ["log", id];

/** Trips on a page, as the server cuts them. */
const PAGE = 100;

/** Rest volts of one trip. */
export const tripPictureQuery = (id: string, revision: number, trip: string, count: number) =>
  queryOptions({
    queryKey: ["log", id, "picture", revision, trip, count],
    queryFn: () => answer(api.GET("/api/rigs/{id}/trips/{trip}/picture", { params: { path: { id, trip } } })),
    staleTime: 0,
  });

/** The log of a rig, and all that is done with it. */
export function useLog(id: string) {
  const client = useQueryClient();
  const path = { id };
  const log = useInfiniteQuery({
    queryKey: [...keyOf(id), "trips"],
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/rigs/{id}/trips", { params: { path, query: { from: pageParam } } })),
    initialPageParam: 0,
    getNextPageParam: (last: TripLog, all: TripLog[]) =>
      all.length * PAGE < last.count ? all.length * PAGE : undefined,
    staleTime: 0,
  });
  const lessons = useQuery({
    queryKey: [...keyOf(id), "taught"],
    queryFn: () => answer(api.GET("/api/rigs/{id}/taught", { params: { path } })),
    staleTime: 0,
  });
  const act = useMutation({
    mutationFn: (request: () => Promise<unknown>) => request(),
    onSuccess: async () => {
      // what was asked before and is not here yet knows nothing of this: it would be waited for, not asked anew
      await client.cancelQueries({ queryKey: keyOf(id) });
      await client.invalidateQueries({ queryKey: keyOf(id) });
    },
  });
  const changed = (done: () => void) => {
    void client.invalidateQueries({ queryKey: ["rig", id] });
    void client.invalidateQueries({ queryKey: ["shelf"] });
    done();
  };
  return {
    id,
    log,
    lessons,
    busy: act.isPending,
    /** What is odd about what was just kept. */
    said: isLog(act.data) ? act.data.said : [],
    problem: act.error,
    hush: act.reset,
    keep: (trip: string, said: TripSaid, done: () => void) =>
      act.mutate(
        () =>
          trip === ""
            ? answer(api.POST("/api/rigs/{id}/trips", { params: { path }, body: said }))
            : answer(api.PUT("/api/rigs/{id}/trips/{trip}", { params: { path: { id, trip } }, body: said })),
        { onSuccess: done },
      ),
    remove: (trip: string) =>
      act.mutate(() => answer(api.DELETE("/api/rigs/{id}/trips/{trip}", { params: { path: { id, trip } } }))),
    photo: (trip: string, file: File) =>
      act.mutate(async () =>
        sendFile<TripLog>(
          `/api/rigs/${id}/trips/${trip}/photos`,
          "application/octet-stream",
          await smaller(file),
          "The photo did not get through.",
        ),
      ),
    dropPhoto: (photo: string) =>
      act.mutate(() =>
        answer(api.DELETE("/api/rigs/{id}/build/photos/{photo}", { params: { path: { id, photo } } })),
      ),
    take: (lesson: Lesson, revision: number, done: () => void) =>
      act.mutate(
        () =>
          answer(
            api.POST("/api/rigs/{id}/taught/{lesson}", {
              params: { path: { id, lesson }, header: etag(revision) },
            }),
          ),
        { onSuccess: () => changed(done) },
      ),
    undo: (revision: number, done: () => void) =>
      act.mutate(
        () => answer(api.POST("/api/rigs/{id}/undo", { params: { path, header: etag(revision) } })),
        { onSuccess: () => changed(done) },
      ),
  };
}

function isLog(kept: unknown): kept is TripLog {
  return typeof kept === "object" && kept !== null && "said" in kept && "trips" in kept;
}

export type LogActs = ReturnType<typeof useLog>;
