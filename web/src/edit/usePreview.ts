import { useCallback, useEffect, useRef, useState } from "react";
import { answer, api, documentOf } from "../api/client";
import type { Link, Picture, Review, Rig } from "../api/types";

export interface Previewed {
  link: Link;
  review: Review;
  picture: Picture;
}

/**
 * The review of a rig that is only tried, while something is dragged: one question at a time, the newest asked next, and
 * what comes after it was dropped is not shown. It is dropped when another link is looked at.
 */
export function usePreview(link: Link) {
  const [previewed, show] = useState<Previewed | null>(null);
  const next = useRef<Rig | null>(null);
  const flight = useRef<AbortController | null>(null);

  const fly = useCallback(() => {
    const rig = next.current;
    if (rig === null || flight.current !== null) return;
    const mine = new AbortController();
    next.current = null;
    flight.current = mine;
    const question = api.POST("/api/reviews", {
      params: { query: { scene: link } },
      body: documentOf(rig),
      signal: mine.signal,
    });
    answer(question)
      .then((reviewed) => !mine.signal.aborted && show({ link, ...reviewed }))
      // what cannot be is not shown; the saved picture stays
      .catch(() => !mine.signal.aborted && show(null))
      .finally(() => {
        if (flight.current === mine) {
          flight.current = null;
          fly();
        }
      });
  }, [link]);

  /** Asks for a rig; only the newest asked for is ever answered. */
  const preview = useCallback(
    (rig: Rig) => {
      next.current = rig;
      fly();
    },
    [fly],
  );

  /** Nothing more is asked or shown; what is shown stays until it is dropped. */
  const hold = useCallback(() => {
    next.current = null;
    flight.current?.abort();
    flight.current = null;
  }, []);

  const drop = useCallback(() => {
    hold();
    show(null);
  }, [hold]);

  useEffect(() => drop, [link, drop]);

  return { previewed: previewed?.link === link ? previewed : null, preview, hold, drop };
}
