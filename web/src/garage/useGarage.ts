import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { garageQuery } from "../api/queries";
import { sendFile } from "../api/sendFile";
import type { Garage, GarageRead, ItemKind, ItemSaid } from "../api/types";
import { smaller } from "../parts/smaller";

/** All gear, and all that is done with it; every answer is all of it again. */
export function useGarage() {
  const client = useQueryClient();
  const garage = useQuery(garageQuery);
  const act = useMutation({
    mutationFn: (request: () => Promise<Garage>) => request(),
    onSuccess: (kept) => {
      client.setQueryData(garageQuery.queryKey, kept);
      // what rigs could take of it is another by now
      void client.invalidateQueries({ queryKey: ["rig"] });
      void client.invalidateQueries({ queryKey: ["rig-garage"] });
    },
  });
  const path = (item: string) => ({ params: { path: { item } } });
  return {
    garage,
    busy: act.isPending,
    trouble: act.isError ? act.error.message : "",
    hush: act.reset,
    add: (kind: ItemKind, name: string, like: string, then: (kept: Garage) => void) =>
      act.mutate(() => answer(api.POST("/api/garage", { params: { query: { kind, name, like } } })), {
        onSuccess: then,
      }),
    keep: (item: string, said: ItemSaid, then: () => void) =>
      act.mutate(() => answer(api.PUT("/api/garage/{item}", { ...path(item), body: said })), {
        onSuccess: then,
      }),
    giveAway: (item: string, then: () => void) =>
      act.mutate(() => answer(api.DELETE("/api/garage/{item}", path(item))), { onSuccess: then }),
    photo: (item: string, file: File) =>
      act.mutate(async () =>
        sendFile<Garage>(
          `/api/garage/${item}/photos`,
          "application/octet-stream",
          await smaller(file),
          "The photo did not get through.",
        ),
      ),
    dropPhoto: (item: string, photo: string) =>
      act.mutate(() =>
        answer(api.DELETE("/api/garage/{item}/photos/{photo}", { params: { path: { item, photo } } })),
      ),
    read: (file: File, then: (read: GarageRead) => void) =>
      act.mutate(async () => {
        const read = await sendFile<GarageRead>(
          "/api/garage/list",
          "application/octet-stream",
          file,
          "The table did not get through.",
        );
        then(read);
        return read.garage;
      }),
  };
}

export type GarageActs = ReturnType<typeof useGarage>;
