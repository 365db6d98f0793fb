// @vitest-environment jsdom
import { QueryClient, QueryClientProvider, useQuery } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { rigQuery } from "../api/queries";
import { Choice, Tick } from "../parts/Choice";
import { FigureField } from "../parts/FigureField";
import { Modal } from "../parts/Modal";
import { RigServer } from "../testing/rigServer";
import { UnitsProvider } from "../units/UnitsProvider";
import { RigEditor, useEditor } from "./RigEditor";

const at = vi.hoisted(() => ({ fetch: (request: Request) => Promise.reject<Response>(request) }));

vi.mock("../api/client", async (original) => {
  const { default: createClient } = await import("openapi-fetch");
  const fetch = (request: Request) => at.fetch(request);
  return { ...(await original<object>()), api: createClient({ baseUrl: "http://rig.test", fetch }) };
});

let server = new RigServer();

beforeEach(() => {
  server = new RigServer();
  at.fetch = server.fetch;
  localStorage.clear();
});
afterEach(cleanup);

const LENGTH = "/craft/lengthM";
const given = (value: number, basis = "rated") => ({ kind: "given", value, basis });

function Buttons() {
  const { move, set, save, again, putOnTop, dismiss, failed, problem, busy } = useEditor();
  return (
    <>
      <button onClick={() => move("undo")}>undo</button>
      <button
        onClick={() => {
          set("/name", "first");
          save((now) => ({ ...now, name: `${now.name}, second` }));
        }}
      >
        two at once
      </button>
      {failed && <button onClick={again}>again</button>}
      {putOnTop && <button onClick={putOnTop}>put on top</button>}
      {problem && <button onClick={dismiss}>dismiss</button>}
      <output>{busy ? "saving" : (problem?.title ?? "saved")}</output>
    </>
  );
}

/** As in the application: what stands in the fields is forgotten where the editor says so. */
function Fields() {
  const { epoch } = useEditor();
  return (
    <div key={epoch}>
      <FigureField label="Length" pointer={LENGTH} unit="metre" basis="measured" />
      <Choice
        label="Kind of craft"
        pointer="/craft/kind"
        options={[
          ["sit-on-top", "sit-on-top"],
          ["canoe", "canoe"],
          ["ice-sled", "sled"],
        ]}
      />
      <Tick label="Flush" pointer="/craft/flush" />
    </div>
  );
}

function Page() {
  const { data } = useQuery({ ...rigQuery("rig"), initialData: server.saved, staleTime: Infinity });
  return (
    <RigEditor saved={data} link="mount">
      <Fields />
      <Buttons />
    </RigEditor>
  );
}

function open() {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <UnitsProvider>
        <Page />
      </UnitsProvider>
    </QueryClientProvider>,
  );
  return { user: userEvent.setup(), length: screen.getByLabelText("Length") as HTMLInputElement };
}

const settled = (words = "saved") =>
  vi.waitFor(() => expect(screen.getByRole("status").textContent).toBe(words));
const newest = () => server.revisions.at(-1)!;

test("a figure is kept with where it comes from once one leaves its field", async () => {
  const { user, length } = open();
  await user.type(length, "3.9");
  expect(server.revisions).toHaveLength(1);
  await user.tab();
  await settled();
  expect(newest().craft.lengthM).toEqual(given(3.9, "measured"));
  await user.selectOptions(screen.getByLabelText("Length: where it comes from"), "chosen");
  await settled();
  expect(newest().craft.lengthM).toEqual(given(3.9, "chosen"));
  // another number comes from where the one before did
  await user.clear(length);
  await user.type(length, "4{Enter}");
  await settled();
  expect(newest().craft.lengthM).toEqual(given(4, "chosen"));
  // what was not changed is no step of its own
  await user.click(length);
  await user.tab();
  expect(server.revisions).toHaveLength(4);
});

test("it is typed in the person's own units, and emptied it is unset", async () => {
  localStorage.setItem("units", "us");
  const { user, length } = open();
  await user.type(length, "12 ft 6 in{Enter}");
  await settled();
  expect(newest().craft.lengthM).toMatchObject({ kind: "given", value: expect.closeTo(3.81, 9) });
  expect(length.value).toBe("12 ft 6 in");
  await user.clear(length);
  await user.tab();
  await settled();
  expect(newest().craft.lengthM).toEqual({ kind: "unset" });
});

test("what is no number is said and not sent; Escape brings back what was there", async () => {
  const { user, length } = open();
  await user.type(length, "long{Enter}");
  expect(screen.getByRole("alert").textContent).toContain('"long" is no number');
  expect(length.getAttribute("aria-invalid")).toBe("true");
  await user.type(length, "{Escape}");
  expect(length.value).toBe("");
  expect(screen.queryByRole("alert")).toBeNull();
  expect(server.asked).toEqual([]);
});

test("what would be assumed stands in the empty field, and is not sent", async () => {
  server.assumed = [{ pointer: LENGTH, figure: given(3.2, "assumed"), links: [] }] as typeof server.assumed;
  const { user, length } = open();
  expect(length.placeholder).toBe("3.20");
  expect(screen.getByText("our guess")).toBeTruthy();
  await user.click(length);
  await user.tab();
  expect(server.asked).toEqual([]);
});

test("a refused value is said at its field, and stays there to be put right", async () => {
  server.refuse = {
    title: "Refused",
    status: 422,
    detail: "/rig/craft/lengthM is 90; allowed is 0.5 to 12.",
    pointer: `/rig${LENGTH}/value`,
  };
  const { user, length } = open();
  await user.type(length, "90{Enter}");
  await settled("Refused");
  expect(screen.getByRole("alert").textContent).toContain("allowed is 0.5 to 12. Nothing was saved.");
  await user.click(screen.getByText("dismiss"));
  await settled();
  expect((screen.getByLabelText("Length") as HTMLInputElement).value).toBe("90");
  expect(server.revisions).toHaveLength(1);
});

test("a choice counts at once by hand, by keys once one leaves it", async () => {
  const { user } = open();
  const kind = screen.getByLabelText("Kind of craft");
  await user.selectOptions(kind, "canoe");
  await settled();
  expect(newest().craft.kind).toBe("canoe");
  // keys pass over others on the way
  const pass = (value: string) => {
    fireEvent.keyDown(kind, { key: "ArrowDown" });
    fireEvent.change(kind, { target: { value } });
  };
  pass("ice-sled");
  fireEvent.keyDown(kind, { key: "Escape" });
  fireEvent.blur(kind);
  expect((kind as HTMLSelectElement).value).toBe("canoe");
  pass("sit-on-top");
  pass("ice-sled");
  expect(server.revisions).toHaveLength(2);
  fireEvent.blur(kind);
  await vi.waitFor(() => expect(newest().craft.kind).toBe("ice-sled"));
  expect(server.revisions).toHaveLength(3);
  await user.click(screen.getByLabelText("Flush"));
  await vi.waitFor(() => expect(newest().craft).toMatchObject({ flush: true }));
});

test("two quick changes are two steps, the second on what the first left; undo follows them", async () => {
  const { user } = open();
  await user.click(screen.getByText("two at once"));
  await settled();
  expect(server.revisions.map((rig) => rig.name)).toEqual(["rig", "first", "first, second"]);
  await user.click(screen.getByText("undo"));
  await settled();
  expect(newest().name).toBe("first");
  expect(server.asked).toEqual(["PUT /api/rigs/rig", "PUT /api/rigs/rig", "POST /api/rigs/rig/undo"]);
});

test("what another window changed first is said; this window's goes on top when one wants it", async () => {
  const { user, length } = open();
  server.elsewhere((now) => ({ ...now, name: "theirs" }));
  await user.type(length, "4{Enter}");
  await settled("Changed elsewhere");
  expect(newest().name).toBe("theirs");
  await user.click(screen.getByText("put on top"));
  await settled();
  expect(newest()).toMatchObject({ name: "rig", craft: { lengthM: given(4, "measured") } });
});

test("what did not arrive is sent again on what is there then", async () => {
  const { user, length } = open();
  at.fetch = () => Promise.reject(new TypeError("gone"));
  await user.type(length, "4{Enter}");
  await settled("No answer");
  await user.click(screen.getByText("dismiss"));
  await settled();
  expect((screen.getByLabelText("Length") as HTMLInputElement).value).toBe("");
  await user.type(screen.getByLabelText("Length"), "4{Enter}");
  await settled("No answer");
  at.fetch = server.fetch;
  await user.click(screen.getByText("again"));
  await settled();
  expect(newest().craft.lengthM).toEqual(given(4, "measured"));
});

test("a window over the page takes the keys, is closed by Escape, and says what it is", async () => {
  const close = vi.fn();
  render(
    <Modal open title="History" about="Every step of this rig." onClose={close}>
      <input aria-label="inside" />
    </Modal>,
  );
  const dialog = screen.getByRole("dialog", { name: "History" });
  expect(dialog.getAttribute("aria-describedby")).toBe(screen.getByText("Every step of this rig.").id);
  expect(dialog.contains(document.activeElement)).toBe(true);
  await userEvent.setup().keyboard("{Escape}");
  expect(close).toHaveBeenCalledTimes(1);
});
