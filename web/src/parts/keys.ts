import { useEffect, useRef } from "react";

function inField(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      (/^(input|textarea|select)$/i.test(target.tagName) && !isBox(target)) ||
      target.closest("[role=dialog]") !== null)
  );
}

/** A box to tick takes the space bar and no letters. */
function isBox(target: HTMLElement): boolean {
  return target instanceof HTMLInputElement && target.type === "checkbox";
}

/** The space bar presses what has the focus, unless that says that its page knows better. */
function takesSpace(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest("button, a, summary, input") !== null &&
    target.closest("[data-space-is-a-key]") === null
  );
}

/** A field outside dialogs: Escape leaves it as it was, and letters are commands again. */
function letsGo(target: EventTarget | null): target is HTMLElement {
  return target instanceof HTMLElement && inField(target) && target.closest("[role=dialog]") === null;
}

export function keysOn(): boolean {
  return localStorage.getItem("keys") !== "off";
}

let byHand = false;

/** A list that was answered by hand lets go of the keys: the next letter is a command, not another answer. */
function useLettingGo() {
  useEffect(() => {
    const pointed = () => (byHand = true);
    const pressed = () => (byHand = false);
    const answered = ({ target }: Event) => {
      if (byHand && target instanceof HTMLSelectElement && letsGo(target)) target.blur();
    };
    window.addEventListener("pointerdown", pointed, true);
    window.addEventListener("keydown", pressed, true);
    window.addEventListener("change", answered);
    return () => {
      window.removeEventListener("pointerdown", pointed, true);
      window.removeEventListener("keydown", pressed, true);
      window.removeEventListener("change", answered);
    };
  }, []);
}

/** Single-letter keys: only outside fields and dialogs, and only while the person wants them. */
export function useKeys(actions: Record<string, () => void>) {
  useLettingGo();
  const latest = useRef(actions);
  latest.current = actions;
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.key === "Escape" && letsGo(event.target)) {
        const left = event.target;
        // once the field has been put back
        setTimeout(() => left.blur());
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey || inField(event.target) || !keysOn()) {
        return;
      }
      const action = latest.current[event.key];
      if (action && !(event.key === " " && takesSpace(event.target))) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, []);
}
