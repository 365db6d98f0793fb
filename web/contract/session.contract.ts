import { expect, test } from "vitest";
import { client } from "./client/client.gen";
import {
  compareRigs,
  createRig,
  deleteRig,
  exportRig,
  getPicture,
  getRig,
  getSession,
  importRig,
  listChanges,
  listCsv,
  listLists,
  listDeleted,
  listRemedies,
  listRevisions,
  listRigs,
  pictureSvg,
  previewChange,
  readLog,
  restoreRig,
  reviewRig,
  saveRig,
  simulateLog,
  takeChange,
  undo,
} from "./client/sdk.gen";
import type { RigDocument } from "./client/types.gen";

declare const process: { env: Record<string, string | undefined> };

/** A whole session by the generated client alone, against the application that runs at KEEL_URL. */

client.setConfig({ baseUrl: process.env["KEEL_URL"]! });

const etag = (response: Response | undefined) => response!.headers.get("ETag")!;

test("a rig is made, mended, gone back on, taken away and brought back", async () => {
  expect((await getSession()).data).toEqual({ wanted: false, open: true });
  const shelf = (await listRigs()).data!;
  expect(shelf.length).toBeGreaterThan(0);
  const lantern = shelf.find((each) => each.name.startsWith("Lantern"))!;
  const document = (await exportRig({ path: { id: lantern.id } })).data!;

  const made = await createRig({ body: { ...document, rig: { ...document.rig, name: "By a client" } } });
  expect(made.response!.status).toBe(201);
  expect(made.response!.headers.get("Location")).toBe(`/api/rigs/${made.data!.id}`);
  const path = { id: made.data!.id };
  const first = etag(made.response);
  expect(first).toBe('"1"');

  // an edit with the revision it was made on; without one, and on an old one
  const edited: RigDocument = {
    ...document,
    rig: {
      ...made.data!.rig,
      outing: { ...made.data!.rig.outing, airC: { kind: "given", value: -3, basis: "measured" } },
    },
  };
  const saved = await saveRig({ path, body: edited, headers: { "If-Match": first } });
  expect(saved.response!.status).toBe(200);
  expect(saved.data!.rig.outing.airC).toEqual({ kind: "given", value: -3, basis: "measured" });
  const stale = await saveRig({
    path,
    body: { ...edited, rig: { ...edited.rig, name: "Somebody else's" } },
    headers: { "If-Match": first },
  });
  expect(stale.response!.status).toBe(412);
  expect(stale.error!.title).not.toBe("");
  const blind = await saveRig({ path, body: edited, headers: {} as { "If-Match": string } });
  expect(blind.response!.status).toBe(428);

  // a value outside of its range names its field and what is allowed
  const wrong = await reviewRig({
    body: {
      ...edited,
      rig: {
        ...edited.rig,
        outing: { ...edited.rig.outing, airC: { kind: "given", value: 900, basis: "rated" } },
      },
    },
  });
  expect(wrong.response!.status).toBe(422);
  expect(wrong.error!.pointer).toBe("/rig/outing/airC");
  expect(wrong.error!.allowed).toContain("°C");

  // what is found is mended by an offered change, and that undone
  const found = saved.data!.review.findings.find((each) => each.verdict === "fails")!;
  const remedy = (await listRemedies({ path })).data!.find((each) => each.rule === found.rule)!;
  const cure = remedy.offers[0]!;
  const preview = (await previewChange({ path: { ...path, change: cure.id } })).data!;
  expect(preview.effects.some((each) => each.link === found.link)).toBe(true);
  const taken = await takeChange({
    path: { ...path, change: cure.id },
    headers: { "If-Match": etag(saved.response) },
  });
  expect(
    taken.data!.review.findings.some((each) => each.rule === found.rule && each.verdict === "fails"),
  ).toBe(false);
  const undone = await undo({ path, headers: { "If-Match": etag(taken.response) } });
  expect(undone.data!.rig).toEqual(saved.data!.rig);
  expect((await listRevisions({ path })).data!.entries.length).toBeGreaterThan(2);

  // pictures, lists and logs are text and bytes, as they are
  expect((await getPicture({ path: { ...path, link: "wire" } })).data!.scenes.length).toBeGreaterThan(0);
  expect((await listChanges({ path, query: { link: "battery" } })).data!.length).toBeGreaterThan(3);
  const lists = (await listLists({ path })).data!;
  expect(lists.map((list) => list.id)).toContain("parts");
  expect((await listCsv({ path: { ...path, list: "parts" }, query: { habit: "us" } })).data).toContain(
    "mass [lb]",
  );
  expect((await pictureSvg({ path: { ...path, link: "wire" }, parseAs: "text" })).data).toContain("<svg");
  const log = (await simulateLog({ path, query: { seconds: 600 } })).data!;
  const offered = await readLog({
    path,
    query: { name: "a day.nmea" },
    body: new Blob([log as unknown as string]),
  });
  expect(offered.data!.taken.map((each) => each.what)).toEqual(["depths", "temperature"]);

  // away and back
  const removed = await deleteRig({ path, headers: { "If-Match": etag(undone.response) } });
  expect(removed.response!.status).toBe(204);
  expect((await getRig({ path })).response!.status).toBe(410);
  expect((await listDeleted()).data!.map((each) => each.id)).toContain(path.id);
  expect((await restoreRig({ path })).data!.id).toBe(path.id);
  const twin = (await importRig({ body: edited })).data!;
  expect((await compareRigs({ path, query: { with: [twin.id] } })).data!.links.length).toBe(9);
});
