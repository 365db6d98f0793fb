import { choices } from "../../parts/choices";
import { useQuery } from "@tanstack/react-query";
import { devicesQuery } from "../../api/queries";
import type { Device, Draw } from "../../api/types";
import { withUse } from "../../edit/power";
import { useEditor } from "../../edit/RigEditor";
import { BrightnessSlider } from "../../parts/BrightnessSlider";
import { Button } from "../../parts/Button";
import { Choice, ChoiceOf, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { CRAFTS } from "../../parts/crafts";
import { NameField } from "../../parts/NameField";
import { CHEMISTRIES } from "./chemistries";
import { EndingFields } from "./EndingFields";
import { HabitChoice } from "./HabitChoice";
import { HolderFields } from "./HolderFields";
import { NetworkFields } from "./NetworkFields";
import { RanFields } from "./RanFields";
import { SizeFields } from "./SizeFields";
import { SocketFields } from "./PlugFields";
import { More, RemovePart, Section } from "./Section";
import { WhatIf } from "./WhatIf";

const KINDS = choices<Device["kind"]>("DeviceKind");

const DRAWS: [Draw["kind"], string][] = [
  ["undecided", "not known"],
  ["split", "base and backlight, W"],
  ["amps", "amperes on the label"],
  ["metered", "metered"],
  ["ran", "ran so long on a battery"],
  ["bus", "fed over the bus"],
  ["steady", "the same current at any volts"],
  ["resistive", "a filament or heater, by its label"],
];

/** Share of the time that a pump runs where nobody said, as the service assumes it. */
const PUMPS = 0.05;

/** The day and what draws current in it. */
export function SetScreen() {
  const { rig, take } = useEditor();
  return (
    <>
      <Section title="The day" part="">
        <FigureField label="Air" pointer="/outing/airC" unit="celsius" basis="chosen" />
        <FigureField
          label="The whole day"
          hint="where it is longer"
          pointer="/outing/dayH"
          unit="hour"
          basis="chosen"
        />
        <Choice label="Carried by" pointer="/craft/kind" options={CRAFTS} />
      </Section>
      <WhatIf />
      {rig.outing.phases.map((phase, i) => (
        <PhaseFields key={phase.id} index={i} />
      ))}
      <Button look="quiet" className="mb-4" onClick={() => take("screen.new.phase")}>
        Add a part of the day
      </Button>
      <RanFields />
      {rig.devices.map((device, i) => (
        <DeviceFields key={device.id} index={i} />
      ))}
      <AddDevice />
      {rig.devices.some((device) => device.kind.startsWith("display")) && <Habits />}
      {rig.devices.length > 1 && <NetworkFields />}
    </>
  );
}

/** What decides where a display goes: asked once there is one. */
function Habits() {
  return (
    <Section title="Where you like it">
      <Choice label="Working hand" pointer="/angler/hand" options={choices("Hand")} />
      <HabitChoice of="screen" />
      <HabitChoice of="post" />
    </Section>
  );
}

function PhaseFields({ index }: { index: number }) {
  const { rig } = useEditor();
  const phase = rig.outing.phases[index]!;
  const at = `/outing/phases/${index}`;
  return (
    <Section
      part={phase.id}
      title={<NameField label="Name of this part of the day" pointer={`${at}/name`} />}
      aside={<RemovePart change="screen.without.phase" id={phase.id} name={phase.name} />}
    >
      <FigureField label="Hours" pointer={`${at}/hours`} unit="hour" basis="chosen" />
      {index > 0 && (
        <FigureField
          label="Begins"
          hint="after the start"
          pointer={`${at}/startH`}
          unit="hour"
          basis="chosen"
        />
      )}
      {rig.devices.map((device) => {
        const use = phase.uses.find((each) => each.device === device.id);
        return (
          <div key={device.id}>
            {device.kind.startsWith("display") && (
              <BrightnessSlider
                label={`Brightness, ${device.name}`}
                figure={use?.brightness}
                assumed={1}
                change={(now, value) => withUse(now, index, device.id, "brightness", value)}
              />
            )}
            {(rig.devices.length > 1 || !device.kind.startsWith("display")) && (
              <BrightnessSlider
                label={`Switched on, ${device.name}`}
                figure={use?.duty}
                assumed={device.kind === "pump" ? PUMPS : 1}
                change={(now, value) => withUse(now, index, device.id, "duty", value)}
              />
            )}
            {device.supply.standbyW?.kind === "given" && (
              <BrightnessSlider
                label={`Standing by, ${device.name}`}
                figure={use?.standby}
                assumed={0}
                change={(now, value) => withUse(now, index, device.id, "standby", value)}
              />
            )}
          </div>
        );
      })}
    </Section>
  );
}

function DeviceFields({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const device = rig.devices[index]!;
  const at = `/devices/${index}`;
  return (
    <Section
      part={device.id}
      title={<NameField label="Name of the device" pointer={`${at}/name`} />}
      aside={<RemovePart change="screen.without.device" id={device.id} name={device.name} />}
    >
      <Choice label="Kind" pointer={`${at}/kind`} options={KINDS} />
      <ChoiceOf
        label="Draw is known as"
        value={device.draw.kind}
        options={DRAWS}
        onChange={(kind) => set(`${at}/draw`, kind === "ran" ? { kind, chemistry: "undecided" } : { kind })}
      />
      <DrawFields draw={device.draw} at={`${at}/draw`} />
      {device.kind.startsWith("display") && <HolderFields device={device} />}
      <FigureField label="Lowest volts" pointer={`${at}/limits/minV`} unit="volt" />
      <FigureField label="Mass" hint="with its bracket" pointer={`${at}/massKg`} unit="kilogram" />
      <More>
        <Tick label="Comes later: room, plug and circuit kept, hours not counted" pointer={`${at}/later`} />
        <Tick label="Bought second-hand" pointer={`${at}/secondHand`} />
        <SocketFields index={index} />
        <EndingFields label="Its power lead ends in" pointer={`${at}/sockets/power`} />
        <SizeFields at={`${at}/size`} of={device.name} />
        <FigureField
          label="Height of its figures"
          pointer={`${at}/textM`}
          unit="fine-millimetre"
          basis="measured"
        />
        <FigureField
          label="While standing by"
          pointer={`${at}/supply/standbyW`}
          unit="watt"
          basis="measured"
        />
        <FigureField label="As it starts" hint="peak" pointer={`${at}/supply/startW`} unit="watt" />
        <FigureField label="Its converter passes on" pointer={`${at}/supply/converter`} unit="percent" />
        <FigureField label="Highest volts" pointer={`${at}/limits/maxV`} unit="volt" />
        <FigureField label="Maker's largest fuse" pointer={`${at}/limits/maxFuseA`} unit="rating" />
        <FigureField
          label="Maker's thinnest wire"
          hint="copper area"
          pointer={`${at}/limits/minWireMm2`}
          unit="wire"
        />
      </More>
    </Section>
  );
}

function DrawFields({ draw, at }: { draw: Draw; at: string }) {
  switch (draw.kind) {
    case "split":
    case "undecided":
      return (
        <>
          {draw.kind === "split" && (
            <>
              <FigureField label="Without backlight" pointer={`${at}/baseW`} unit="watt" />
              <FigureField label="Backlight at full" pointer={`${at}/backlightW`} unit="watt" />
            </>
          )}
        </>
      );
    case "amps":
      return (
        <>
          <FigureField label="Amperes" hint="everything on" pointer={`${at}/amps`} unit="ampere" />
          <FigureField label="Share of the backlight" pointer={`${at}/backlightShare`} unit="percent" />
        </>
      );
    case "metered":
      return (
        <>
          <FigureField label="Amperes" pointer={`${at}/amps`} unit="ampere" basis="measured" />
          <FigureField label="Volts then" pointer={`${at}/volts`} unit="volt" basis="measured" />
          <FigureField label="Brightness then" pointer={`${at}/brightness`} unit="percent" basis="measured" />
          <FigureField label="Share of the backlight" pointer={`${at}/backlightShare`} unit="percent" />
        </>
      );
    case "ran":
      return (
        <>
          <FigureField
            label="Ran for"
            hint="from full"
            pointer={`${at}/hours`}
            unit="hour"
            basis="measured"
          />
          <Choice label="Battery then" pointer={`${at}/chemistry`} options={CHEMISTRIES} />
          <FigureField label="Its capacity" pointer={`${at}/capacityAh`} unit="ampere-hour" />
          <FigureField label="At" pointer={`${at}/tempC`} unit="celsius" basis="measured" />
          <FigureField label="Brightness then" pointer={`${at}/brightness`} unit="percent" basis="measured" />
          <FigureField label="Share of the backlight" pointer={`${at}/backlightShare`} unit="percent" />
        </>
      );
    case "steady":
      return <FigureField label="Amperes" hint="at any volts" pointer={`${at}/amps`} unit="ampere" />;
    case "resistive":
      return (
        <>
          <FigureField label="Watts" hint="on the label" pointer={`${at}/watts`} unit="watt" />
          <FigureField label="At" pointer={`${at}/volts`} unit="volt" />
        </>
      );
    case "bus":
      return <FigureField label="Load units" hint="50 mA each" pointer={`${at}/units`} unit="count" />;
  }
}

function AddDevice() {
  const { take } = useEditor();
  const devices = useQuery(devicesQuery);
  const options: [string, string][] = [
    ["", "choose what draws current"],
    ...(devices.data ?? []).map((device): [string, string] => [device.id, device.name]),
  ];
  return (
    <ChoiceOf
      label="Add a device"
      field="/devices"
      value=""
      options={options}
      onChange={(id) => {
        if (id !== "") take(`screen.one-more.${id}`);
      }}
    />
  );
}
