import { Words } from "../parts/Words";
import { StepTicks } from "../sheet/StepTicks";
import { numbered, useBuild } from "../sheet/useBuild";

/** What no meter shows: pictures, fix, chart, pages, each by itself. The same ticks as on the sheet. */
export function Seen({ id }: { id: string }) {
  const sheet = useBuild(id);
  const { data: build } = sheet.build;
  const { data: progress } = sheet.progress;
  if (!build || !progress) return null;
  const steps = numbered(build, progress).filter(({ step }) => step.kind === "see" || step.kind === "save");
  if (steps.length === 0) return null;
  return (
    <section aria-label="What no meter shows">
      <h3 className="border-b border-rule pt-5 pb-1 font-semibold">What no meter shows</h3>
      <p className="pt-1 text-[13px] text-ink-2">
        A picture on a show mode proves nothing of the transducer. In air a glance; longer with its face in a
        bucket of water.
      </p>
      {steps.map((each) => (
        <div key={each.step.id} className="border-b border-grid pt-2">
          <p className="font-medium">
            <Words text={each.step.title} />
          </p>
          <StepTicks sheet={sheet} numbered={each} />
        </div>
      ))}
    </section>
  );
}
