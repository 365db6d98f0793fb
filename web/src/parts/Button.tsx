import type { ButtonHTMLAttributes } from "react";

const LOOKS = {
  act: "border-act text-act font-semibold",
  quiet: "border-faint text-ink-2",
  bare: "border-transparent text-act font-semibold px-1",
};

/** Words that lead on or offer something, in running text. */
export const LEADS_ON = "text-act underline decoration-dashed underline-offset-4";

export function Button({
  look = "act",
  className = "",
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: keyof typeof LOOKS }) {
  return (
    <button
      type="button"
      className={`rounded border px-3 py-1 disabled:cursor-default disabled:opacity-50 ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}
