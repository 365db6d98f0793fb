import { useDrag } from "@use-gesture/react";

/** Where a pointer is in the window. */
export interface Client {
  clientX: number;
  clientY: number;
}

/** What a hand does with something it takes hold of. */
interface Hand {
  moved?: (at: Client) => void;
  /** Let go where it is. */
  dropped: (at: Client) => void;
  /** Pressed and let go without moving. */
  tapped?: (at: Client) => void;
  /** Taken away, by a call or a scroll: nothing counts. */
  left?: () => void;
}

const TAKEN_AWAY = ["pointercancel", "lostpointercapture"];

/** Handlers for an element that is dragged; its keys are its own. */
export function useHand({ moved, dropped, tapped, left }: Hand): () => object {
  return useDrag(
    ({ event, xy: [clientX, clientY], last, tap, canceled }) => {
      const at = { clientX, clientY };
      if (!last) {
        moved?.(at);
      } else if (canceled || TAKEN_AWAY.includes(event.type)) {
        left?.();
      } else if (tap) {
        tapped?.(at);
      } else {
        dropped(at);
      }
    },
    { filterTaps: true, pointer: { keys: false } },
  );
}
