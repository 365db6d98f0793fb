import { DropdownMenu } from "radix-ui";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { listsQuery, sceneQuery, templatesQuery } from "../api/queries";
import { useEditor } from "../edit/RigEditor";
import { LINK_NAMES } from "../parts/verdicts";
import { useUnits } from "../units/UnitsProvider";

const ITEM =
  "block cursor-pointer px-3 py-1.5 outline-none data-[highlighted]:bg-act-soft data-[highlighted]:text-act";

/** What can be taken away as a file. */
export function FilesMenu() {
  const { saved, link } = useEditor();
  const { system, text } = useUnits();
  // asked as soon as one reaches for the menu, not with every edit
  const [wanted, want] = useState(false);
  const picture = useQuery(sceneQuery(saved.id, saved.revision, link));
  const at = `/api/rigs/${saved.id}`;
  const bench = link === "cable" || link === "carry";
  const lists = useQuery({ ...listsQuery(saved.id, saved.revision), enabled: wanted }).data ?? [];
  const templates = useQuery({ ...templatesQuery(saved.id, saved.revision), enabled: bench && wanted });
  const sheets = bench ? (templates.data?.titles ?? []) : [];
  const drawn = saved.review.links.find((state) => state.link === link)?.kind === "judged";
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        onPointerEnter={() => want(true)}
        onFocus={() => want(true)}
        className="underline decoration-rule underline-offset-4"
      >
        files
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        sideOffset={6}
        className="z-30 min-w-[230px] border border-rule bg-sheet py-1 shadow-lg"
      >
        <DropdownMenu.Item asChild>
          <a className={ITEM} href={`${at}/export`}>
            The rig, to send or keep (JSON)
          </a>
        </DropdownMenu.Item>
        <DropdownMenu.Item asChild>
          <a className={ITEM} href={`${at}/bundle`}>
            The whole rig with all that was done of it (ZIP)
          </a>
        </DropdownMenu.Item>
        {lists
          .filter((list) => list.links.length === 0 || list.links.includes(link))
          .map((list) => (
            <DropdownMenu.Item key={list.id} asChild>
              <a className={ITEM} href={`${at}/lists/${list.id}?habit=${system}`}>
                {list.title} (CSV)
              </a>
            </DropdownMenu.Item>
          ))}
        {link === "battery" && lists.some((list) => list.id === "lay-up") && (
          <DropdownMenu.Item asChild>
            <a className={ITEM} href={`${at}/lay-up`}>
              Its lay-up, for a calendar (ICS)
            </a>
          </DropdownMenu.Item>
        )}
        {bench && sheets.length > 0 && (
          <DropdownMenu.Item asChild>
            <a className={ITEM} href={`${at}/templates?habit=${system}`}>
              Templates in full size (PDF)
            </a>
          </DropdownMenu.Item>
        )}
        {sheets.map((title, i) => (
          <DropdownMenu.Item key={i} asChild>
            <a className={ITEM} href={`${at}/templates/${i}/svg?habit=${system}`}>
              {text(title)}, full size (SVG)
            </a>
          </DropdownMenu.Item>
        ))}
        {drawn &&
          (picture.data?.scenes ?? []).map((scene, i) => (
            <DropdownMenu.Item key={i} asChild>
              <a className={ITEM} href={`${at}/scenes/${link}/svg?habit=${system}&scene=${i}`}>
                {i === 0 ? `The picture of ${LINK_NAMES[link]}` : text(scene.title)} (SVG)
              </a>
            </DropdownMenu.Item>
          ))}
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
