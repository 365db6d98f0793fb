import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { APART } from "./Days";
import { ApartSteps } from "./ApartSteps";
import { apartQuery } from "./queries";

/** A sheet for one occasion: what comes off or goes on, with counts; ticked as one goes, and clean again the next time. */
export function ApartView({ id, occasion }: { id: string; occasion: string }) {
  const all = useQuery(apartQuery(id));
  const sheet = all.data?.find((each) => each.occasion === occasion);
  return (
    <main className="mx-auto w-full max-w-[760px] px-6 py-4 max-md:px-3 md:overflow-auto">
      <nav aria-label="Sheets" className="flex flex-wrap gap-x-5 gap-y-1 pb-3 text-ink-2">
        <Link to="?" className="underline decoration-rule underline-offset-4">
          ‹ build
        </Link>
        {APART.filter(([each]) => all.data?.some((one) => one.occasion === each)).map(([each, words]) => (
          <Link
            key={each}
            to={`?apart=${each}`}
            aria-current={each === occasion ? "page" : undefined}
            className={
              each === occasion ? "font-semibold text-ink" : "underline decoration-rule underline-offset-4"
            }
          >
            {words}
          </Link>
        ))}
      </nav>
      {all.isError && <p className="text-fails">{all.error.message}</p>}
      {all.data && !sheet && <p className="text-ink-2">{nothing(occasion)}</p>}
      {sheet && <ApartSteps key={occasion} sheet={sheet} />}
    </main>
  );
}

function nothing(occasion: string): string {
  if (occasion === "charge") return "No charger is said for any battery: say it on the line, under Battery.";
  if (occasion === "swap") return "The rig serves one craft only: say how many, under my habits.";
  return "Nothing comes off this rig: say what leaves the craft, on the line, under Carry.";
}
