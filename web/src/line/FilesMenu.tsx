import { DropdownMenu } from "radix-ui";
import { useQuery } from "@tanstack/react-query";
import { sceneQuery } from "../api/queries";
import { useEditor } from "../edit/RigEditor";
import { LINK_NAMES } from "../parts/verdicts";
import { useUnits } from "../units/UnitsProvider";

const ITEM =
  "block cursor-pointer px-3 py-1.5 outline-none data-[highlighted]:bg-act-soft data-[highlighted]:text-act";

const LISTS: [string, string][] = [
  ["wires", "Its wires, to cut and lay"],
  ["connectors", "Its ends, to crimp"],
  ["shopping", "What to buy for the harness"],
];

/** What can be taken away as a file. */
export function FilesMenu() {
  const { saved, link } = useEditor();
  const { system, text } = useUnits();
  const picture = useQuery(sceneQuery(saved.id, saved.revision, link));
  const at = `/api/rigs/${saved.id}`;
  const drawn = saved.review.links.find((state) => state.link === link)?.kind === "judged";
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="underline decoration-rule underline-offset-4">
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
          <a className={ITEM} href={`${at}/parts?habit=${system}`}>
            Its parts (CSV)
          </a>
        </DropdownMenu.Item>
        {(link === "wire" || link === "fuse") &&
          LISTS.map(([list, words]) => (
            <DropdownMenu.Item key={list} asChild>
              <a className={ITEM} href={`${at}/${list}?habit=${system}`}>
                {words} (CSV)
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
