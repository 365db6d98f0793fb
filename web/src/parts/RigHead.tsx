import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { rigQuery } from "../api/queries";
import { RigNav, type RigPlace } from "./RigNav";
import { TopBar } from "./TopBar";

/** Over a view of one rig: the way back, what it is called, what is shown of it, and its other views. */
export function RigHead({
  id,
  at,
  about = "",
  back = ["Shelf", "/"],
  after = "",
}: {
  id: string;
  at: RigPlace;
  about?: string;
  back?: [words: string, to: string];
  after?: string;
}) {
  const saved = useQuery(rigQuery(id));
  return (
    <TopBar>
      <span className="flex min-w-0 grow items-baseline gap-3 max-md:flex-wrap">
        <Link to={back[1]} className="whitespace-nowrap text-ink-3">
          {back[0]} ›
        </Link>
        <h1 className="min-w-0 text-[16px] font-semibold md:truncate">
          {saved.data?.rig.name ?? "…"}
          {after}
        </h1>
        {about !== "" && <span className="whitespace-nowrap text-ink-3 max-lg:hidden">{about}</span>}
      </span>
      <RigNav id={id} at={at} />
    </TopBar>
  );
}

/** What went wrong with what was just done. */
export function Trouble({ words }: { words: string }) {
  return words === "" ? null : (
    <p role="status" className="border-b border-fails bg-sheet px-6 py-1.5 text-fails">
      {words}
    </p>
  );
}
