/** Any of a few words at once. */
export function Ticks<Word extends string>({
  label,
  options,
  chosen,
  onChange,
}: {
  label: string;
  options: [Word, string][];
  chosen: Word[];
  onChange: (chosen: Word[]) => void;
}) {
  return (
    <fieldset className="flex flex-wrap justify-between gap-x-4 py-[5px]">
      <legend className="float-left">{label}</legend>
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
