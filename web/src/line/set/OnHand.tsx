import { useQuery } from "@tanstack/react-query";
import { garageQuery, packsQuery } from "../../api/queries";
import { useEditor } from "../../edit/RigEditor";
import { Choice, ChoiceOf } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { CHEMISTRIES } from "./chemistries";
import { RemovePart, Section } from "./Section";
import { SizeFields } from "./SizeFields";

/** Packs the person has at home: Compare tries them before anything is bought. */
export function OnHand() {
  const { rig, saved, take } = useEditor();
  const packs = useQuery(packsQuery);
  const own = (useQuery(garageQuery).data?.items ?? []).filter(
    (item) => item.kind === "pack" && !item.uses.some((use) => use.rig === saved.id),
  );
  return (
    <>
      {rig.onHand.map((pack, i) => (
        <Section
          key={pack.id}
          title={<NameField label="Name of the battery on hand" pointer={`/onHand/${i}/name`} />}
          aside={<RemovePart change="battery.without.on-hand" id={pack.id} name={pack.name} />}
        >
          <OwnFields at={`/onHand/${i}`} name={pack.name} />
        </Section>
      ))}
      {own.length > 0 && (
        <ChoiceOf
          label="From your garage"
          value=""
          options={[
            ["", "choose one to compare with"],
            ...own.map((item): [string, string] => [item.id, item.name]),
          ]}
          onChange={(id) => {
            if (id !== "") take(`battery.garage.${id}`);
          }}
        />
      )}
      <ChoiceOf
        label="Add one you have"
        value=""
        options={[
          ["", "choose the nearest, then change it"],
          ...(packs.data ?? []).map((pack): [string, string] => [pack.id, pack.name]),
        ]}
        onChange={(id) => {
          if (id !== "") take(`battery.own.${id}`);
        }}
      />
    </>
  );
}

function OwnFields({ at, name }: { at: string; name: string }) {
  return (
    <details>
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">on hand: its figures</summary>
      <Choice label="Chemistry" pointer={`${at}/chemistry`} options={CHEMISTRIES} />
      <FigureField label="Capacity" hint="on the label" pointer={`${at}/capacityAh`} unit="ampere-hour" />
      <FigureField label="Health" hint="by age" pointer={`${at}/age`} unit="percent" basis="measured" />
      <FigureField label="Mass" pointer={`${at}/massKg`} unit="kilogram" />
      <SizeFields at={`${at}/size`} of={name} />
      <FigureField label="Largest current out" pointer={`${at}/maxDischargeA`} unit="ampere" />
      <FigureField label="Price" hint="in your money" pointer={`${at}/label/price`} unit="money" />
    </details>
  );
}
