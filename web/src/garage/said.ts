import type { Figure, ItemSaid, ItemShown } from "../api/types";

/** A piece as it is told now, to be told otherwise. */
export function saidOf(item: ItemShown): ItemSaid {
  return {
    name: item.name,
    place: item.place,
    bought: item.bought,
    paid: item.paid,
    worth: item.worth,
    note: item.note,
    choices: item.choices.map(({ name, chosen }) => ({ name, chosen })),
    numbers: item.numbers.map(({ name, figure }) => ({ name, figure })),
  };
}

/** What its owner would have to pay, or paid: the nearest to what it is worth. */
export function worthOf(item: ItemShown): number {
  const told = [item.worth, item.paid].find((figure) => figure?.kind === "given");
  return told?.kind === "given" ? told.value : 0;
}

export function yearsWords(age: Figure | undefined): string {
  if (age?.kind !== "given") return "";
  const months = Math.round(age.value * 12);
  if (months < 1) return "new";
  return months < 24
    ? `${months} month${months === 1 ? "" : "s"} old`
    : `${Math.floor(months / 12)} years old`;
}
