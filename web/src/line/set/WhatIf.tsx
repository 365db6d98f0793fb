import type { Figure, Rig } from "../../api/types";
import { withUses } from "../../edit/power";
import { useEditor } from "../../edit/RigEditor";
import { BrightnessSlider } from "../../parts/BrightnessSlider";
import { Words } from "../../parts/Words";
import { Section } from "./Section";

/** The levers of the whole day, with the hours they give: brightness of every display, time on of every module. */
export function WhatIf() {
  const { rig, saved, previewed } = useEditor();
  const review = previewed?.review ?? saved.review;
  const battery = review.links.find((state) => state.link === "battery");
  const displays = rig.devices.filter((each) => each.kind.startsWith("display")).map((each) => each.id);
  const modules = rig.devices.filter((each) => each.kind === "live-module");
  if (rig.outing.phases.length === 0 || displays.length + modules.length === 0) return null;
  return (
    <Section
      title="What if, all day"
      aside={
        <span aria-live="polite" className="font-semibold">
          {battery?.kind === "judged" ? <Words text={battery.number} /> : "hours not known yet"}
        </span>
      }
    >
      {displays.length > 0 && (
        <BrightnessSlider
          label="Brightness of every display"
          figure={common(rig, displays, "brightness")}
          assumed={1}
          change={(now, value) => withUses(now, displays, "brightness", value)}
        />
      )}
      {modules.map((module) => (
        <BrightnessSlider
          key={module.id}
          label={`Switched on, ${module.name}`}
          figure={common(rig, [module.id], "duty")}
          assumed={1}
          change={(now, value) => withUses(now, [module.id], "duty", value)}
        />
      ))}
    </Section>
  );
}

/** The most that was said: where the parts of the day differ, a hand that drags makes them one. */
function common(rig: Rig, devices: string[], field: "brightness" | "duty"): Figure | undefined {
  const said = rig.outing.phases
    .flatMap((phase) => phase.uses)
    .filter((use) => devices.includes(use.device))
    .map((use) => use[field])
    .filter((figure) => figure?.kind === "given");
  return said.reduce<Figure | undefined>(
    (most, each) => (most?.kind === "given" && most.value >= each!.value ? most : each),
    undefined,
  );
}
