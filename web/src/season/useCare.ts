import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import type { RigCare } from "../api/types";

const keyOf = (id: string) => ["care", id];

/** What a rig wants through its seasons; every answer is all of it again. */
export function useCare(id: string) {
  const client = useQueryClient();
  const care = useQuery({
    queryKey: keyOf(id),
    queryFn: () => answer(api.GET("/api/rigs/{id}/care", { params: { path: { id } } })),
    staleTime: 0,
  });
  const act = useMutation({
    mutationFn: (request: () => Promise<RigCare>) => request(),
    onSuccess: (kept) => client.setQueryData(keyOf(id), kept),
  });
  return {
    care,
    busy: act.isPending,
    trouble: act.isError ? act.error.message : "",
    done: (task: string, day: string, restV: number, then: () => void) =>
      act.mutate(
        () =>
          answer(
            api.PUT("/api/rigs/{id}/care/{task}", {
              params: { path: { id, task }, query: { day, restV } },
            }),
          ),
        { onSuccess: then },
      ),
    forget: (task: string, day: string) =>
      act.mutate(() =>
        answer(api.DELETE("/api/rigs/{id}/care/{task}", { params: { path: { id, task }, query: { day } } })),
      ),
  };
}

export type CareActs = ReturnType<typeof useCare>;
