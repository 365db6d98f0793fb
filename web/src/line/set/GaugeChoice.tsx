import type { Gauge } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { getAt } from "../../edit/pointer";
import { ChoiceOf } from "../../parts/Choice";
import { FieldProblem } from "../../parts/FieldProblem";
import { AWG, METRIC_MM2 } from "../../units/format";

const OPTIONS: [string, string][] = [
  ["", "not decided"],
  ...AWG.map((size): [string, string] => [
    `awg ${size.awg}`,
    `${size.awg} AWG · ${size.areaMm2.toFixed(2)} mm²`,
  ]),
  ...METRIC_MM2.map((area): [string, string] => [`metric ${area}`, `${area} mm²`]),
];

function keyOf(gauge: Gauge): string {
  switch (gauge.kind) {
    case "awg":
      return `awg ${gauge.awg}`;
    case "metric":
      return `metric ${gauge.areaMm2}`;
    case "undecided":
      return "";
  }
}

function gaugeOf(key: string): Gauge {
  const [kind, size] = key.split(" ");
  if (kind === "awg") return { kind: "awg", awg: Number(size) };
  if (kind === "metric") return { kind: "metric", areaMm2: Number(size) };
  return { kind: "undecided" };
}

/** A wire size off the shelf, in both ways of naming it. */
export function GaugeChoice({ pointer }: { pointer: string }) {
  const { rig, set } = useEditor();
  return (
    <>
      <ChoiceOf
        label="Gauge"
        value={keyOf(getAt(rig, pointer) as Gauge)}
        options={OPTIONS}
        onChange={(key) => set(pointer, gaugeOf(key))}
      />
      <FieldProblem pointer={pointer} />
    </>
  );
}
