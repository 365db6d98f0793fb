/** Any of a few words at once. */
export function Ticks<Word extends string>({
  label,
  options,
  chosen,
  onChange,
  column = false,
}: {
  label: string;
  options: [Word, string][];
  chosen: Word[];
  onChange: (chosen: Word[]) => void;
  /** One under the other, where the words are long. */
  column?: boolean;
}) {
  return (
    <fieldset
      className={column ? "grid gap-y-1 py-[5px]" : "flex flex-wrap justify-between gap-x-4 py-[5px]"}
    >
      <legend className={column ? "sr-only" : "float-left"}>{label}</legend>
      {options.map(([word, words]) => (
        <label key={word} className="flex items-center gap-1 text-[13px]">
          <input
            type="checkbox"
            className="accent-[var(--act)]"
            checked={chosen.includes(word)}
            onChange={(event) =>
              onChange(
                options
                  .map(([each]) => each)
                  .filter((each) => (each === word ? event.target.checked : chosen.includes(each))),
              )
            }
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
