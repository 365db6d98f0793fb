import type { Link } from "../api/types";

/** Where a figure of the rig is typed: the first that its pointer begins with. */
const LIVES: [RegExp, Link][] = [
  [/^\/outing\/water|^\/outing\/views/, "water"],
  [/^\/outing/, "screen"],
  [/^\/transducers\/\d+\/mount/, "mount"],
  [/^\/transducers\/\d+\/massKg/, "carry"],
  [/^\/transducers/, "transducer"],
  [/^\/craft|^\/angler/, "mount"],
  [/^\/devices\/\d+\/(size|massKg)|^\/devices/, "screen"],
  [/^\/holders/, "screen"],
  [/^\/harness\/packs\/\d+\/size|^\/harness\/packs/, "battery"],
  [/^\/chargers|^\/onHand/, "battery"],
  [/^\/harness/, "wire"],
  [/^\/runs|^\/network/, "cable"],
  [/^\/places|^\/fitOut/, "carry"],
];

/** The link on which a figure is typed; the one that asks where nobody knows better. */
export function linkOf(pointer: string, asking: Link): Link {
  return LIVES.find(([begins]) => begins.test(pointer))?.[1] ?? asking;
}

/** How long a field may take to be drawn [ms]. */
const PATIENCE_MS = 3000;

/** Opens whatever folds it away and puts the focus into the field of a pointer, or into the first that it begins. */
export function focusField(pointer: string) {
  focusOnceThere(() => fieldOf(pointer));
}

/** The first field of the link, so that a letter and then typing is enough. */
export function focusFirstField() {
  focusOnceThere(() => document.querySelector<HTMLElement>("#work [role=tabpanel] [data-field]"));
}

/** Frames that the focus has to stay: a pane that is about to be drawn anew would take it along. */
const CALM = 3;

function focusOnceThere(find: () => HTMLElement | null | undefined) {
  const until = Date.now() + PATIENCE_MS;
  let calm = 0;
  const look = () => {
    const field = find();
    calm = field && document.activeElement === field ? calm + 1 : 0;
    if (field && calm === 0) focusOn(field);
    if (calm < CALM && Date.now() < until) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}

/** Opens whatever folds it away. */
function focusOn(field: HTMLElement) {
  for (let up = field.parentElement; up; up = up.parentElement) {
    if (up instanceof HTMLDetailsElement) up.open = true;
  }
  field.scrollIntoView?.({ block: "center" });
  field.focus();
}

function fieldOf(pointer: string): HTMLElement | undefined {
  const all = [...document.querySelectorAll<HTMLElement>("[data-field]")];
  const at = (each: HTMLElement) => each.dataset.field ?? "";
  return (
    all.find((each) => at(each) === pointer) ??
    all.find((each) => at(each).startsWith(`${pointer}/`)) ??
    all.find((each) => at(each) !== "" && pointer.startsWith(at(each)))
  );
}
