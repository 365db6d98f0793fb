import { Slider } from "radix-ui";
import { useEffect, useState } from "react";
import type { Figure, Rig } from "../api/types";
import { useEditor } from "../edit/RigEditor";

/** A share from 0 to 100 % that can be dragged: the review follows the hand, letting go keeps one revision. */
export function BrightnessSlider({
  label,
  figure,
  assumed,
  change,
}: {
  label: string;
  figure: Figure | undefined;
  assumed: number;
  change: (rig: Rig, value: number) => Rig;
}) {
  const { rig, preview, save } = useEditor();
  const kept = figure?.kind === "given" ? figure.value : assumed;
  const [value, setValue] = useState(kept);
  useEffect(() => setValue(kept), [kept]);
  return (
    <div className="py-[5px]">
      <div className="flex justify-between">
        <span>{label}</span>
        <span className="font-semibold text-act">
          {Math.round(value * 100)} %{" "}
          {figure?.kind !== "given" && <span className="font-normal text-ink-3">our guess</span>}
        </span>
      </div>
      <Slider.Root
        value={[Math.round(value * 100)]}
        min={0}
        max={100}
        step={5}
        onValueChange={([next]) => {
          setValue((next ?? 0) / 100);
          preview(change(rig, (next ?? 0) / 100));
        }}
        onValueCommit={([next]) => save((now) => change(now, (next ?? 0) / 100))}
        className="relative mt-1 flex h-6 items-center max-md:h-11"
      >
        <Slider.Track className="relative h-[2px] grow bg-rule">
          <Slider.Range className="absolute h-full bg-act" />
        </Slider.Track>
        <Slider.Thumb aria-label={label} className="block size-4 rounded-full border-2 border-act bg-sheet" />
      </Slider.Root>
    </div>
  );
}
