import { setAt } from "../../edit/pointer";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice, ChoiceOf } from "../../parts/Choice";
import { choices } from "../../parts/choices";
import { FigureField } from "../../parts/FigureField";
import { Kbd } from "../../parts/Kbd";
import { NameField } from "../../parts/NameField";
import { PassThroughFields } from "./PassThroughFields";
import { RunFields } from "./RunFields";
import { RemovePart } from "./Section";
import { SitsAt } from "./SitsAt";

/** The way of every cable, leg by leg, and the slack it has. */
export function SetCable() {
  const { rig } = useEditor();
  const place = (item: string) => rig.places.find((each) => each.item === item)?.station ?? "";
  return (
    <>
      {rig.craft.passages.length === 0 && (
        <p className="mb-3 text-ink-2">
          Cables go through passages of the craft: begin from a craft under Mount first.
        </p>
      )}
      <p className="mb-3 text-[13px] text-ink-2">
        Whole ways, and plans of all cables, stand under Compare <Kbd>c</Kbd>; here each stretch can be taken
        by itself, and pinned so that no plan moves it.
      </p>
      {rig.devices
        .filter((device) => device.kind.startsWith("display"))
        .map((device) => (
          <SitsAt key={device.id} item={device.id} label={`${device.name} sits at`} />
        ))}
      {rig.transducers.map((transducer) => (
        <RunFields
          key={transducer.id}
          carries={transducer.id}
          title={`Lead of the ${transducer.name}`}
          start={transducer.mount.station}
          sonar
        />
      ))}
      {rig.harness.segments.map((segment) => (
        <RunFields key={segment.id} carries={segment.id} title={segment.name} start={place(segment.from)} />
      ))}
      <DataLeads />
      <PassThroughFields />
    </>
  );
}

/** Cables of a network, a keypad or a live module. */
function DataLeads() {
  const { rig, save, take } = useEditor();
  const place = (item: string) => rig.places.find((each) => each.item === item)?.station ?? "";
  const devices = rig.devices.map((each): [string, string] => [each.id, each.name]);
  return (
    <>
      {rig.network.leads.map((lead, i) => {
        const at = `/network/leads/${i}`;
        return (
          <RunFields
            key={lead.id}
            carries={lead.id}
            title={<NameField label="Name of the data lead" pointer={`${at}/name`} />}
            aside={<RemovePart change="cable.without.data-lead" id={lead.id} name={lead.name} />}
            start={place(lead.from)}
          >
            <ChoiceOf
              label="From"
              value={lead.from}
              options={devices.filter(([id]) => id !== lead.to)}
              onChange={(id) => save((now) => setAt(now, `${at}/from`, id))}
            />
            <ChoiceOf
              label="To"
              value={lead.to}
              options={devices.filter(([id]) => id !== lead.from)}
              onChange={(id) => save((now) => setAt(now, `${at}/to`, id))}
            />
            <FigureField label="Length as bought" pointer={`${at}/lengthM`} unit="metre" />
            <FigureField label="Width of its plug" pointer={`${at}/plugM`} unit="millimetre" />
            <Choice label="What runs on it" pointer={`${at}/signals`} options={choices("Signals")} />
          </RunFields>
        );
      })}
      {rig.devices.length > 1 && (
        <Button look="quiet" onClick={() => take("cable.new.data-lead")}>
          Add a data lead
        </Button>
      )}
    </>
  );
}
