import { choices } from "../../parts/choices";
import { useQuery } from "@tanstack/react-query";
import { adaptersQuery } from "../../api/queries";
import { useEditor } from "../../edit/RigEditor";
import { Choice, ChoiceOf } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { Ticks } from "../../parts/Ticks";

const VERSIONS = choices("SonarVersion");

const COLOURS = ["blue", "yellow", "white", "black", "red"];

/** What a transducer's lead ends in, and what stands between that and the display. */
export function PlugFields({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const known = useQuery(adaptersQuery);
  const at = `/transducers/${index}/plug`;
  const { adapters, tag } = rig.transducers[index]!.plug;
  return (
    <>
      <FigureField label="Pins of its plug" pointer={`${at}/pins`} unit="count" />
      <Choice label="Made for" pointer={`${at}/version`} options={VERSIONS} />
      {[...adapters, null].slice(0, 2).map((adapter, k) => (
        <ChoiceOf
          key={k}
          label={k === 0 ? "Adapter" : "Then another"}
          value={adapter?.name ?? ""}
          options={[
            ["", "none"],
            ...(known.data ?? []).map((each): [string, string] => [each.adapter.name, each.adapter.name]),
            ...(adapter !== null && !known.data?.some((each) => each.adapter.name === adapter.name)
              ? [[adapter.name, adapter.name] as [string, string]]
              : []),
          ]}
          onChange={(name) => {
            const chosen = known.data?.find((each) => each.adapter.name === name)?.adapter;
            if (name === "") set(`${at}/adapters`, adapters.slice(0, k));
            if (chosen) set(`${at}/adapters`, [...adapters.slice(0, k), chosen, ...adapters.slice(k + 1)]);
          }}
        />
      ))}
      <ChoiceOf
        label="Ring on plug and socket"
        value={tag}
        options={[...new Set(["", ...COLOURS, tag])].map((each) => [each, each === "" ? "none" : each])}
        onChange={(chosen) => set(`${at}/tag`, chosen)}
      />
    </>
  );
}

/** What fits a device, as its maker declares it. */
export function SocketFields({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const at = `/devices/${index}/sockets`;
  const { shows, ports } = rig.devices[index]!.sockets;
  const display = rig.devices[index]!.kind.startsWith("display");
  return (
    <>
      <ChoiceOf
        label="Brand family"
        value={rig.devices[index]!.sockets.family}
        options={FAMILIES}
        onChange={(family) => set(`${at}/family`, family)}
      />
      <FigureField label="Pins of its power socket" pointer={`${at}/powerPins`} unit="count" />
      <FigureField label="Pins of its sonar socket" pointer={`${at}/sonarPins`} unit="count" />
      <Choice label="Sends" pointer={`${at}/version`} options={VERSIONS} />
      {display && (
        <Ticks label="Draws" options={SHAPES} chosen={shows} onChange={(next) => set(`${at}/shows`, next)} />
      )}
      <Ticks label="Ports" options={PORTS} chosen={ports} onChange={(next) => set(`${at}/ports`, next)} />
    </>
  );
}

const PORTS = choices<"bus" | "ethernet">("Port");

const FAMILIES: [string, string][] = [
  ["", "not known"],
  ["A", "A"],
  ["B", "B"],
  ["C", "C"],
];

export const SHAPES = choices<"cone" | "line" | "side" | "live">("BeamShape");
