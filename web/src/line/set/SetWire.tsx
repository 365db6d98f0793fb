import { pieceOf } from "../../edit/parts";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { SchoolOfDistribution } from "./SchoolOfDistribution";
import { JunctionFields } from "./JunctionFields";
import { SegmentFields } from "./SegmentFields";

/** The harness: what was chosen in the picture alone, or all of it. */
export function SetWire() {
  const { rig, take, selected, select } = useEditor();
  const { segments, junctions, spares } = rig.harness;
  const ready = rig.harness.packs.length > 0 && rig.devices.length > 0;
  const fed = new Set(segments.map((each) => each.to));
  const hungry = [...rig.devices, ...junctions].some((each) => !fed.has(each.id));
  const chosen = pieceOf(rig, selected);
  if (chosen) {
    return (
      <>
        <p className="mb-2 flex justify-between text-[13px] text-ink-3">
          <span>the chosen piece</span>
          <button type="button" className="text-act underline underline-offset-4" onClick={() => select("")}>
            show the whole harness
          </button>
        </p>
        {chosen.list === "junctions" ? (
          <JunctionFields index={chosen.index} />
        ) : (
          <SegmentFields at={`/harness/segments/${chosen.index}`} list="segments" />
        )}
      </>
    );
  }
  return (
    <>
      {!ready && (
        <p className="mb-3 text-ink-2">
          A wire needs both ends: add a battery (Battery) and a device (Screen) first.
        </p>
      )}
      {ready && <SchoolOfDistribution />}
      {segments.map((segment, i) => (
        <SegmentFields key={segment.id} at={`/harness/segments/${i}`} list="segments" />
      ))}
      {junctions.map((junction, i) => (
        <JunctionFields key={junction.id} index={i} />
      ))}
      {spares.map((spare, i) => (
        <SegmentFields key={spare.id} at={`/harness/spares/${i}`} list="spares" />
      ))}
      <div className="flex flex-wrap gap-3">
        <Button
          look="quiet"
          data-field="/harness/segments"
          disabled={!ready || !hungry}
          onClick={() => take("wire.new.wire")}
        >
          Add a wire
        </Button>
        <Button look="quiet" onClick={() => take("wire.new.junction")}>
          Add a junction
        </Button>
        <Button look="quiet" disabled={!ready} onClick={() => take("wire.new.spare")}>
          Add a spare lead
        </Button>
      </div>
    </>
  );
}
