/** How many of what: "no holes", "1 hole", "3 holes". */
export function counted(count: number, what: string): string {
  return `${count === 0 ? "no" : count} ${what}${count === 1 ? "" : "s"}`;
}
