import { queryOptions } from "@tanstack/react-query";
import { answer, api } from "../api/client";

/** Steps of a rig, their order and days. */
export const buildQuery = (id: string) =>
  queryOptions({
    queryKey: ["build", id],
    queryFn: () => answer(api.GET("/api/rigs/{id}/build", { params: { path: { id } } })),
    staleTime: 0,
  });

/** What is done of them. */
export const progressQuery = (id: string) =>
  queryOptions({
    queryKey: ["build", id, "progress"],
    queryFn: () => answer(api.GET("/api/rigs/{id}/build/progress", { params: { path: { id } } })),
    staleTime: 0,
  });

/** The piece of the drawing that a step bears. */
export const stepPictureQuery = (id: string, revision: number, step: string) =>
  queryOptions({
    queryKey: ["build", id, "picture", revision, step],
    queryFn: () =>
      answer(api.GET("/api/rigs/{id}/build/picture", { params: { path: { id }, query: { step } } })),
    staleTime: Infinity,
  });

/** Sheets that take the rig apart. */
export const apartQuery = (id: string) =>
  queryOptions({
    queryKey: ["build", id, "apart"],
    queryFn: () => answer(api.GET("/api/rigs/{id}/build/apart", { params: { path: { id } } })),
    staleTime: 0,
  });

export type PrintPart = "sheet" | "lists" | "harness" | "templates";

export const PRINT_PARTS: PrintPart[] = ["sheet", "lists", "harness", "templates"];

/** As the address says it. */
export function wantedOf(parts: PrintPart[]): Record<PrintPart, boolean> {
  return {
    sheet: parts.includes("sheet"),
    lists: parts.includes("lists"),
    harness: parts.includes("harness"),
    templates: parts.includes("templates"),
  };
}

/** How many pages it would be on paper. */
export const printQuery = (id: string, habit: "metric" | "us", parts: PrintPart[]) =>
  queryOptions({
    queryKey: ["build", id, "print", habit, parts],
    queryFn: () =>
      answer(
        api.GET("/api/rigs/{id}/build/print", {
          params: { path: { id }, query: { habit, ...wantedOf(parts) } },
        }),
      ),
    enabled: parts.length > 0,
    staleTime: 0,
  });
