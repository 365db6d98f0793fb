import { Slider } from "radix-ui";
import type { Moment } from "../api/queries";
import type { Rig } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { amountText } from "../units/format";
import { useUnits } from "../units/UnitsProvider";

const CHARGES: [Moment["charge"], string][] = [
  ["full", "full"],
  ["half", "half used"],
  ["empty", "nearly empty"],
  ["hour", "in the day"],
];

/** Which moment the harness is shown at: charge or hour of the day, a start, what is switched off. */
export function MomentBar({ moment, onChange }: { moment: Moment; onChange: (moment: Moment) => void }) {
  const { rig } = useEditor();
  const { system } = useUnits();
  return (
    <>
      <div role="radiogroup" aria-label="Battery" className="flex items-center gap-3">
        <span className="text-ink-3">battery</span>
        {CHARGES.map(([charge, words]) => (
          <label key={charge} className="flex items-center gap-1">
            <input
              type="radio"
              name="charge"
              className="accent-[var(--act)]"
              checked={moment.charge === charge}
              onChange={() => onChange({ ...moment, charge })}
            />
            {words}
          </label>
        ))}
      </div>
      {moment.charge === "hour" && (
        <div className="flex min-w-[220px] grow items-center gap-3">
          <Slider.Root
            value={[moment.hour]}
            min={0}
            max={lastHour(rig)}
            step={0.25}
            onValueChange={([hour]) => onChange({ ...moment, hour: hour ?? 0 })}
            className="relative flex h-6 grow items-center max-md:h-11"
          >
            <Slider.Track className="relative h-[2px] grow bg-rule">
              <Slider.Range className="absolute h-full bg-act" />
            </Slider.Track>
            <Slider.Thumb
              aria-label="Hour of the day"
              className="block size-4 rounded-full border-2 border-act bg-sheet"
            />
          </Slider.Root>
          <span className="w-[64px] text-right font-semibold text-act">
            {amountText({ si: moment.hour, unit: "hour" }, system)}
          </span>
        </div>
      )}
      <label className="flex items-center gap-1">
        <input
          type="checkbox"
          className="accent-[var(--act)]"
          checked={moment.starting}
          onChange={(event) => onChange({ ...moment, starting: event.target.checked })}
        />
        as the largest load starts
      </label>
      {rig.devices.length > 1 && (
        <div role="group" aria-label="Switched on" className="flex flex-wrap items-center gap-x-3">
          <span className="text-ink-3">on</span>
          {rig.devices.map((device) => (
            <label key={device.id} className="flex items-center gap-1">
              <input
                type="checkbox"
                className="accent-[var(--act)]"
                checked={!moment.off.includes(device.id)}
                onChange={(event) =>
                  onChange({
                    ...moment,
                    off: event.target.checked
                      ? moment.off.filter((id) => id !== device.id)
                      : [...moment.off, device.id],
                  })
                }
              />
              {device.name}
            </label>
          ))}
        </div>
      )}
    </>
  );
}

/** How far the hand can go: to where the last part of the day ends; at least an hour. */
function lastHour(rig: Rig): number {
  let at = 0;
  for (const phase of rig.outing.phases) {
    const start = phase.startH?.kind === "given" ? phase.startH.value : at;
    at = Math.max(at, start) + (phase.hours?.kind === "given" ? phase.hours.value : 0);
  }
  return Math.max(1, at);
}
