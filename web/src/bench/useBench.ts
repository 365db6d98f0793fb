import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import type { Bench, Fault } from "../api/types";

const keyOf = (id: string) => ["bench", id];

/** How what the meter should say at a point came about. */
export const readingWorkingQuery = (id: string, point: string, revision: number) =>
  queryOptions({
    queryKey: ["bench", id, "working", revision, point],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/bench/working", { params: { path: { id }, query: { point } } })),
    staleTime: Infinity,
  });

/**
 * What is done at the bench; every answer is the whole bench again.
 *
 * @param wanted whether it is on the page: the diagnosis of all readings is dear
 */
export function useBench(id: string, wanted: boolean) {
  const client = useQueryClient();
  const path = { id };
  const bench = useQuery({
    queryKey: keyOf(id),
    queryFn: () => answer(api.GET("/api/rigs/{id}/bench", { params: { path } })),
    staleTime: 0,
    enabled: wanted,
  });
  const act = useMutation({
    mutationFn: (request: () => Promise<Bench>) => request(),
    onSuccess: (kept) => client.setQueryData(keyOf(id), kept),
  });
  const run = (request: () => Promise<Bench>) => act.mutate(request);
  return {
    bench,
    busy: act.isPending,
    trouble: act.isError ? act.error.message : "",
    read: (point: string, value: number) =>
      run(() =>
        answer(api.PUT("/api/rigs/{id}/bench/readings", { params: { path, query: { point, value } } })),
      ),
    forget: (point: string) =>
      run(() => answer(api.DELETE("/api/rigs/{id}/bench/readings", { params: { path, query: { point } } }))),
    take: (point: string, port: number) =>
      run(() =>
        answer(api.POST("/api/rigs/{id}/bench/meter/readings", { params: { path, query: { point, port } } })),
      ),
    switchOn: () => run(() => answer(api.POST("/api/rigs/{id}/bench/meter", { params: { path } }))),
    switchOff: () => run(() => answer(api.DELETE("/api/rigs/{id}/bench/meter", { params: { path } }))),
    wrong: (fault: Fault) =>
      run(() => answer(api.PUT("/api/rigs/{id}/bench/meter/fault", { params: { path, query: fault } }))),
    right: () => run(() => answer(api.DELETE("/api/rigs/{id}/bench/meter/fault", { params: { path } }))),
  };
}

export type BenchActs = ReturnType<typeof useBench>;
