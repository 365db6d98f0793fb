import { useEffect, useRef, useState } from "react";

/**
 * What stands in a field until it is kept. It is sent by Enter and by leaving the field, but not once more by leaving it
 * after Enter: who presses Enter and then dismisses what was said of it has left the field by that.
 */
export function useTyped(kept: string, send: (typed: string) => void) {
  const [typed, setTyped] = useState(kept);
  const sent = useRef(kept);
  // given up: what is kept may be about to change, and leaving the field sends nothing then
  const givenUp = useRef(false);
  const put = (words: string) => {
    sent.current = kept;
    givenUp.current = false;
    setTyped(words);
  };
  const back = () => {
    put(kept);
    givenUp.current = true;
  };
  useEffect(() => {
    sent.current = kept;
    setTyped(kept);
  }, [kept]);
  const enter = () => {
    if (typed !== kept) {
      sent.current = typed;
      send(typed);
    }
  };
  const leave = () => {
    if (!givenUp.current && typed !== sent.current) enter();
  };
  return { typed, put, back, enter, leave };
}
