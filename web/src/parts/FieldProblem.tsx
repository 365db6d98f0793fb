import { useEditor } from "../edit/RigEditor";

/** What the server said of the field at a pointer, at the field. */
export function FieldProblem({ pointer, id }: { pointer: string; id?: string }) {
  const { problem } = useEditor();
  const at = problem?.pointer?.replace(/^\/rig/, "").replace(/\/(value|basis|kind)$/, "");
  return problem && at === pointer ? (
    <p id={id} role="alert" className="basis-full text-right text-[13px] text-fails">
      {problem.detail} Nothing was saved.
    </p>
  ) : null;
}
