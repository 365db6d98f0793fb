import { queryOptions } from "@tanstack/react-query";
import { answer, api } from "./client";
import type { Good, ItemKind, Link, RigAxis } from "./types";

export const shelfQuery = queryOptions({
  queryKey: ["shelf"],
  queryFn: () => answer(api.GET("/api/rigs")),
});

export const unreadableQuery = queryOptions({
  queryKey: ["shelf", "unreadable"],
  queryFn: () => answer(api.GET("/api/rigs/unreadable")),
});

export const deletedQuery = queryOptions({
  queryKey: ["shelf", "deleted"],
  queryFn: () => answer(api.GET("/api/rigs/deleted")),
});

/** @param of rigs, each with a change behind a colon where it is looked at after that; the first without */
export const comparisonQuery = (of: string[]) =>
  queryOptions({
    queryKey: ["comparison", ...of],
    queryFn: () =>
      answer(
        api.GET("/api/rigs/{id}/comparison", {
          params: { path: { id: of[0] ?? "" }, query: { with: of.slice(1) } },
        }),
      ),
    staleTime: 0,
  });

export const garageQuery = queryOptions({
  queryKey: ["garage"],
  queryFn: () => answer(api.GET("/api/garage")),
  staleTime: 0,
});

export const stationsQuery = (id: string) =>
  queryOptions({
    queryKey: ["rig-garage", id, "stations"],
    queryFn: () => answer(api.GET("/api/rigs/{id}/stations", { params: { path: { id } } })),
    staleTime: 0,
  });

export const stationQuery = (id: string, other: string) =>
  queryOptions({
    queryKey: ["rig-garage", id, "station", other],
    queryFn: () => answer(api.GET("/api/rigs/{id}/stations/{other}", { params: { path: { id, other } } })),
    staleTime: 0,
  });

/** @param wishes the least or most of something */
export const adviceQuery = (id: string, query: { across: Good; up: Good } & Record<string, unknown>) =>
  queryOptions({
    queryKey: ["rig-garage", id, "advice", query],
    queryFn: () => answer(api.GET("/api/rigs/{id}/advice", { params: { path: { id }, query } })),
    staleTime: 0,
  });

export const advisedQuery = (id: string, change: string) =>
  queryOptions({
    queryKey: ["rig-garage", id, "advised", change],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/advice/rigs/{change}", { params: { path: { id, change } } })),
    staleTime: 0,
  });

export const worthQuery = (id: string, change: string, good: Good) =>
  queryOptions({
    queryKey: ["rig-garage", id, "worth", change, good],
    queryFn: () =>
      answer(
        api.GET("/api/rigs/{id}/advice/rigs/{change}/working", {
          params: { path: { id, change }, query: { good } },
        }),
      ),
  });

/** What fails or holds by little in an advised rig, and what may be done about it. */
export const advisedRemediesQuery = (id: string, change: string) =>
  queryOptions({
    queryKey: ["rig-garage", id, "advised", change, "mended"],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/advice/rigs/{change}/mended", { params: { path: { id, change } } })),
  });

export const advisedPairsQuery = (id: string, other: string) =>
  queryOptions({
    queryKey: ["rig-garage", id, "pairs", other],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/advice/pairs/{other}", { params: { path: { id, other } } })),
    staleTime: 0,
  });

export const allGoneQuery = (id: string) =>
  queryOptions({
    queryKey: ["rig-garage", id, "all-gone"],
    queryFn: () => answer(api.GET("/api/rigs/{id}/advice/all", { params: { path: { id } } })),
    staleTime: 0,
  });

export const whyNotQuery = (id: string, axis: RigAxis, choice: string) =>
  queryOptions({
    queryKey: ["rig-garage", id, "why-not", axis, choice],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/advice/why", { params: { path: { id }, query: { axis, choice } } })),
    staleTime: 0,
  });

export const readyQuery = (id: string, day: string) =>
  queryOptions({
    queryKey: ["rig-garage", id, "ready", day],
    queryFn: () => answer(api.GET("/api/rigs/{id}/ready", { params: { path: { id }, query: { day } } })),
    staleTime: 0,
  });

export const startsQuery = (kind: ItemKind) =>
  queryOptions({
    queryKey: ["garage", "starts", kind],
    queryFn: () => answer(api.GET("/api/garage/starts", { params: { query: { kind } } })),
    staleTime: Infinity,
  });

export const sessionQuery = queryOptions({
  queryKey: ["session"],
  queryFn: () => answer(api.GET("/api/session")),
  staleTime: Infinity,
});

export const rigQuery = (id: string) =>
  queryOptions({
    queryKey: ["rig", id],
    queryFn: () => answer(api.GET("/api/rigs/{id}", { params: { path: { id } } })),
  });

/** What was asked of a revision stays so: it is asked once. */
const ofRevision = { staleTime: Infinity };

export const sceneQuery = (id: string, revision: number, link: Link) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "scene", link],
    queryFn: () =>
      answer(
        api.GET("/api/rigs/{id}/scenes/{link}", { params: { path: { id, link }, query: { revision } } }),
      ),
    placeholderData: (previous, query) => (query?.queryKey[4] === link ? previous : undefined),
  });

/** One list as a table. */
export const listQuery = (id: string, revision: number, list: string) =>
  queryOptions({
    queryKey: ["rig", id, revision, "list", list],
    queryFn: () =>
      answer(
        api.GET("/api/rigs/{id}/lists/{list}/table", { params: { path: { id, list }, query: { revision } } }),
      ),
    placeholderData: (before) => before,
  });

/** The lists that can be had of a revision. */
export const listsQuery = (id: string, revision: number) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "lists"],
    queryFn: () => answer(api.GET("/api/rigs/{id}/lists", { params: { path: { id }, query: { revision } } })),
  });

/** Titles of the sheets that are printed in full size. */
export const templatesQuery = (id: string, revision: number) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "templates"],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/templates/sheets", { params: { path: { id }, query: { revision } } })),
  });

/** When, and with what switched on, the harness is looked at. */
export interface Moment {
  charge: "full" | "half" | "empty" | "hour";
  hour: number;
  starting: boolean;
  off: string[];
}

export const harnessQuery = (id: string, revision: number, moment: Moment) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "harness", moment],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/harness", { params: { path: { id }, query: { revision, ...moment } } })),
    placeholderData: (previous) => previous,
  });

export const workingsQuery = (id: string, revision: number, link: Link) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "workings", link],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/workings", { params: { path: { id }, query: { link, revision } } })),
  });

/** What may be done about what the review finds at a revision. */
export const remediesQuery = (id: string, revision: number) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "remedies"],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/remedies", { params: { path: { id }, query: { revision } } })),
  });

export const assumedQuery = (id: string, revision: number, link: Link) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "assumed", link],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/assumed", { params: { path: { id }, query: { link, revision } } })),
  });

export const offersQuery = (id: string, revision: number, link: Link, wider: boolean) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "offers", link, wider],
    queryFn: () =>
      answer(
        api.GET("/api/rigs/{id}/changes", { params: { path: { id }, query: { link, wider, revision } } }),
      ),
  });

export const shuttleQuery = (id: string, revision: number) =>
  queryOptions({
    queryKey: ["rig", id, revision, "shuttle"],
    queryFn: () => answer(api.GET("/api/rigs/{id}/shuttle", { params: { path: { id } } })),
    staleTime: 0,
  });

export const changeQuery = (id: string, revision: number, change: string) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "change", change],
    queryFn: () =>
      answer(
        api.GET("/api/rigs/{id}/changes/{change}", { params: { path: { id, change }, query: { revision } } }),
      ),
  });

export const changeWorkingsQuery = (id: string, revision: number, change: string, link: Link) =>
  queryOptions({
    ...ofRevision,
    queryKey: ["rig", id, revision, "change", change, "workings", link],
    queryFn: () =>
      answer(
        api.GET("/api/rigs/{id}/changes/{change}/workings", {
          params: { path: { id, change }, query: { link, revision } },
        }),
      ),
  });

export const devicesQuery = queryOptions({
  queryKey: ["catalogue", "devices"],
  queryFn: () => answer(api.GET("/api/catalogue/devices")),
  staleTime: Infinity,
});

export const packsQuery = queryOptions({
  queryKey: ["catalogue", "packs"],
  queryFn: () => answer(api.GET("/api/catalogue/packs")),
  staleTime: Infinity,
});

export const adaptersQuery = queryOptions({
  queryKey: ["catalogue", "adapters"],
  queryFn: () => answer(api.GET("/api/catalogue/adapters")),
  staleTime: Infinity,
});

export const transducersQuery = queryOptions({
  queryKey: ["catalogue", "transducers"],
  queryFn: () => answer(api.GET("/api/catalogue/transducers")),
  staleTime: Infinity,
});

export const extensionsQuery = queryOptions({
  queryKey: ["catalogue", "extensions"],
  queryFn: () => answer(api.GET("/api/catalogue/extensions")),
  staleTime: Infinity,
});

export const holdersQuery = queryOptions({
  queryKey: ["catalogue", "holders"],
  queryFn: () => answer(api.GET("/api/catalogue/holders")),
  staleTime: Infinity,
});

export const mountsQuery = queryOptions({
  queryKey: ["catalogue", "mounts"],
  queryFn: () => answer(api.GET("/api/catalogue/mounts")),
  staleTime: Infinity,
});

export const pairsQuery = queryOptions({
  queryKey: ["catalogue", "pairs"],
  queryFn: () => answer(api.GET("/api/catalogue/pairs")),
  staleTime: Infinity,
});

export const craftsQuery = queryOptions({
  queryKey: ["catalogue", "crafts"],
  queryFn: () => answer(api.GET("/api/catalogue/crafts")),
  staleTime: Infinity,
});
