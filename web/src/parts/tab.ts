/** The head of one of several views that lie over each other. */
export const TAB =
  "border-b-2 border-transparent pt-1 pb-[7px] text-ink-2 data-[state=active]:border-act data-[state=active]:font-semibold data-[state=active]:text-ink";
