import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, etag } from "../api/client";

const keyOf = (id: string) => ["rig-garage", id];

/** What a rig has to do with the garage, and when it is wanted. */
export function useRigGarage(id: string) {
  const client = useQueryClient();
  const own = useQuery({
    queryKey: keyOf(id),
    queryFn: () => answer(api.GET("/api/rigs/{id}/garage", { params: { path: { id } } })),
    staleTime: 0,
  });
  const act = useMutation({
    mutationFn: (request: () => Promise<unknown>) => request(),
    onSuccess: async () => {
      await client.cancelQueries({ queryKey: keyOf(id) });
      await Promise.all(
        [["rig-garage"], ["garage"], ["rig", id], ["shelf"]].map((queryKey) =>
          client.invalidateQueries({ queryKey }),
        ),
      );
    },
  });
  const revision = own.data?.revision ?? 0;
  const item = (piece: string) => ({ path: { id, item: piece } });
  return {
    own,
    busy: act.isPending,
    trouble: act.isError ? act.error.message : "",
    put: (part: string[], then: () => void) =>
      act.mutate(
        () =>
          answer(
            api.POST("/api/rigs/{id}/garage", {
              params: { path: { id }, query: { part }, header: etag(revision) },
            }),
          ),
        { onSuccess: then },
      ),
    copy: (piece: string) =>
      act.mutate(() =>
        answer(
          api.POST("/api/rigs/{id}/garage/{item}/copy", {
            params: { ...item(piece), header: etag(revision) },
          }),
        ),
      ),
    original: (piece: string) =>
      act.mutate(() => answer(api.POST("/api/rigs/{id}/garage/{item}/original", { params: item(piece) }))),
    want: (day: string, then: () => void) =>
      act.mutate(() => answer(api.PUT("/api/rigs/{id}/days/{day}", { params: { path: { id, day } } })), {
        onSuccess: then,
      }),
    drop: (day: string) =>
      act.mutate(() => answer(api.DELETE("/api/rigs/{id}/days/{day}", { params: { path: { id, day } } }))),
  };
}

export type RigGarageActs = ReturnType<typeof useRigGarage>;
