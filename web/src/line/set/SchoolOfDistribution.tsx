import type { Rig } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { ChoiceOf } from "../../parts/Choice";

const SCHOOLS: [string, string][] = [
  ["", "choose how power is handed on"],
  ["in-line", "a fused lead to each device"],
  ["splitter", "one trunk and a splitter"],
  ["block", "a trunk and a fuse block"],
  ["switched", "a switched harness with a lamp"],
  ["boat", "rings on the boat's own battery"],
  ["quick-plugs", "quick plugs that also charge"],
];

/** What comes before a whole harness can be proposed; empty where it can. */
function first({ devices, harness }: Rig): string {
  const sources = harness.packs.filter((pack) => pack.role === "in-use" && pack.onTopOf === "").length;
  if (devices.length === 0 || sources === 0) {
    return "A whole harness can be proposed once there are a battery and something that draws current.";
  }
  return sources === 1
    ? ""
    : "A whole harness can be proposed for one battery in use. Say under Battery which of yours are spares, alternatives or in series, or lay the wires of each one by one.";
}

/** Builds the harness anew by one of the usual ways; Compare shows what each of them does first. */
export function SchoolOfDistribution() {
  const { rig, take } = useEditor();
  const several = rig.devices.length > 1;
  const wanted = first(rig);
  if (wanted !== "") {
    return <p className="mb-3 border-b border-rule pb-2 text-[13px] text-ink-3">{wanted}</p>;
  }
  return (
    <div className="mb-3 border-b border-rule pb-2">
      <ChoiceOf
        label="Build it anew"
        value=""
        options={SCHOOLS.filter(([school]) => several || school !== "splitter")}
        onChange={(school) => school !== "" && take(`wire.school.${school}`)}
      />
      <p className="text-[12.5px] text-ink-3">
        Lengths that are known are kept, gauges and fuses sized by load. Compare shows each before you take
        it.
      </p>
    </div>
  );
}
