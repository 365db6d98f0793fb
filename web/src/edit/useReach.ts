import { useNavigate } from "react-router";
import type { Link } from "../api/types";
import { focusField, linkOf } from "./fields";
import { useEditor } from "./RigEditor";

/** Goes to the field of a pointer, on whichever link it is typed. */
export function useReach(): (pointer: string, asking: Link) => void {
  const { saved } = useEditor();
  const navigate = useNavigate();
  return (pointer, asking) => {
    void navigate(`/rigs/${saved.id}/${linkOf(pointer, asking)}`);
    focusField(pointer);
  };
}
