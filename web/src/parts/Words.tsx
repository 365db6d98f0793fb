import type { Text } from "../api/types";
import { useUnits } from "../units/UnitsProvider";

/** Words with their amounts, the amounts kept whole and bold where asked. */
export function Words({ text, strong = false }: { text: Text; strong?: boolean }) {
  const { amount } = useUnits();
  return (
    <>
      {text.words.map((word, i) => (
        <span key={i}>
          {word}
          {i < text.amounts.length &&
            (strong ? (
              <b className="font-semibold whitespace-nowrap">{amount(text.amounts[i]!)}</b>
            ) : (
              <span className="whitespace-nowrap">{amount(text.amounts[i]!)}</span>
            ))}
        </span>
      ))}
    </>
  );
}
