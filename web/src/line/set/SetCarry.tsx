import { useEditor } from "../../edit/RigEditor";
import { Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { BallastFields } from "./BallastFields";
import { BoardFields } from "./BoardFields";
import { BoxFields } from "./BoxFields";
import { ClosureFields } from "./ClosureFields";
import { ExtraFields } from "./ExtraFields";
import { FastenerFields } from "./FastenerFields";
import { GripFields } from "./GripFields";
import { HeldFields } from "./HeldFields";
import { More, Section } from "./Section";
import { PlanFields } from "./PlanFields";
import { SitsAt } from "./SitsAt";
import { SizeFields } from "./SizeFields";
import { StandFields } from "./StandFields";

/** Where everything sits, what it weighs, and what comes off after the day. */
export function SetCarry() {
  const { rig } = useEditor();
  return (
    <>
      {rig.craft.stations.length === 0 && (
        <p className="mb-3 text-ink-2">
          Things sit at places of the craft: begin from a craft under Mount first.
        </p>
      )}
      {rig.harness.packs.map((pack, p) => (
        <PlaceFields key={pack.id} item={pack.id} name={pack.name} at={`/harness/packs/${p}`} sized />
      ))}
      {rig.devices.map((device, d) => (
        <PlaceFields key={device.id} item={device.id} name={device.name} at={`/devices/${d}`} />
      ))}
      {rig.transducers.map((transducer, t) => (
        <Section key={transducer.id} title={<span>{transducer.name}</span>}>
          <FigureField label="Mass" pointer={`/transducers/${t}/massKg`} unit="kilogram" />
          <p className="text-[13px] text-ink-3">Its place stands under Mount.</p>
        </Section>
      ))}
      {rig.harness.junctions.map((junction) => (
        <SitsAt key={junction.id} item={junction.id} label={`${junction.name} sits at`} />
      ))}
      {rig.craft.kind === "ice-walk-out" && <StandFields />}
      <BallastFields />
      <BoxFields />
      <BoardFields />
      <ExtraFields />
      <ClosureFields />
      <FastenerFields />
    </>
  );
}

function PlaceFields({
  item,
  name,
  at,
  sized = false,
}: {
  item: string;
  name: string;
  at: string;
  sized?: boolean;
}) {
  const { rig } = useEditor();
  const place = rig.places.findIndex((each) => each.item === item);
  const station = rig.places[place]?.station ?? "";
  const index = rig.craft.stations.findIndex((each) => each.id === station);
  return (
    <Section title={<span>{name}</span>}>
      <SitsAt item={item} />
      {place >= 0 && <Tick label="Comes off after the day" pointer={`/places/${place}/comesOff`} />}
      {rig.places[place]?.comesOff && (
        <FigureField
          label="Taking it off"
          pointer={`/places/${place}/offMin`}
          unit="minute"
          basis="measured"
        />
      )}
      {rig.places[place]?.comesOff && (
        <div className="flex items-baseline gap-3 py-[3px]">
          <span>Comes off as one with</span>
          <NameField label={`What the ${name} comes off with`} pointer={`/places/${place}/unit`} />
        </div>
      )}
      {place >= 0 && sized && <HeldFields place={place} />}
      <FigureField label="Mass" pointer={`${at}/massKg`} unit="kilogram" />
      {(index >= 0 || sized) && (
        <More>
          {index >= 0 && <StationFields index={index} />}
          {sized && (
            <>
              <p className="pt-1 text-[13px] text-ink-2">The battery, upright</p>
              <SizeFields at={`${at}/size`} of={name} />
            </>
          )}
          {sized && index >= 0 && (
            <>
              <p className="pt-1 text-[13px] text-ink-2">Room inside: {rig.craft.stations[index]!.name}</p>
              <SizeFields at={`/craft/stations/${index}/room`} of={rig.craft.stations[index]!.name} />
            </>
          )}
        </More>
      )}
    </Section>
  );
}

function StationFields({ index }: { index: number }) {
  const at = `/craft/stations/${index}`;
  return (
    <>
      <PlanFields at={at} of="Place" />
      <FigureField label="Over the bottom" pointer={`${at}/heightM`} unit="millimetre" basis="measured" />
      <GripFields index={index} />
    </>
  );
}
