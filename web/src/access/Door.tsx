import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { answer, api } from "../api/client";
import { sessionQuery } from "../api/queries";
import { Button } from "../parts/Button";
import { TopBar } from "../parts/TopBar";

/** Lets in who may come in: on this machine everyone, from elsewhere who knows the passphrase. */
export function Door({ children }: { children: ReactNode }) {
  const session = useQuery(sessionQuery);
  if (session.isPending) return <p className="p-7 text-ink-3">Opening…</p>;
  // where even this cannot be asked, the pages themselves say what is wrong
  return session.isError || session.data.open ? children : <Passphrase />;
}

function Passphrase() {
  const client = useQueryClient();
  const [typed, setTyped] = useState("");
  const open = useMutation({
    mutationFn: () => answer(api.POST("/api/session", { body: { passphrase: typed } })),
    onSuccess: (session) => client.setQueryData(sessionQuery.queryKey, session),
    onError: () => setTyped(""),
  });
  return (
    <>
      <TopBar />
      <main className="mx-auto max-w-[420px] px-6 pt-[16vh]">
        <h1 className="pb-1 text-[21px] font-semibold">The passphrase</h1>
        <p className="pb-4 text-ink-2">
          This Bright Keel runs on another machine. It opens to who knows its passphrase.
        </p>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            open.mutate();
          }}
        >
          <input
            autoFocus
            type="password"
            aria-label="Passphrase"
            autoComplete="current-password"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            className="w-full border-b border-act bg-transparent py-1"
          />
          {open.isError && (
            <p role="alert" className="pt-2 text-fails">
              {open.error.message}
            </p>
          )}
          <Button type="submit" className="mt-4" disabled={typed === "" || open.isPending}>
            Open
          </Button>
        </form>
      </main>
    </>
  );
}
