import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { assumedQuery } from "../api/queries";
import type { Link } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { FigureField } from "../parts/FigureField";
import { Modal } from "../parts/Modal";
import { LINK_NAMES } from "../parts/verdicts";
import { capital } from "../units/format";

/** What a link takes for granted, each to be given; what is given stays in the list until it is closed. */
export function AssumedDialog({ link, onClose }: { link: Link; onClose: () => void }) {
  const { saved } = useEditor();
  const [opened] = useState(saved.revision);
  const told = useQuery(assumedQuery(saved.id, opened, link));
  return (
    <Modal
      open
      onClose={onClose}
      title={`What we guessed for ${LINK_NAMES[link]}`}
      about="Nobody said these: usual values stand in the empty fields, and the verdict rests on them. Say what you know; what you leave empty stays our guess."
    >
      {told.isError && <p className="text-fails">{told.error.message}</p>}
      {told.data?.length === 0 && <p>Nothing: every figure it was judged by is given.</p>}
      {told.data?.map((each) => (
        <FigureField
          key={each.pointer}
          label={capital(each.words)}
          pointer={each.pointer}
          unit={each.amount.unit}
          basis="chosen"
        />
      ))}
    </Modal>
  );
}
