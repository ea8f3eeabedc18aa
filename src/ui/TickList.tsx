'use client';

/** Steps to tick one by one, with targets for wet hands. */
export function TickList<T extends string>({
  items,
  ticked,
  words,
  onChange,
}: {
  readonly items: readonly T[];
  readonly ticked: readonly T[];
  readonly words: (item: T) => string;
  readonly onChange: (ticked: readonly T[]) => void;
}) {
  return (
    <>
      {items.map((item) => (
        <label key={item} className="flex min-h-11 items-center gap-3 border-b border-line">
          <input
            type="checkbox"
            className="size-5 shrink-0 accent-(--deep)"
            checked={ticked.includes(item)}
            onChange={(event) =>
              onChange(event.target.checked ? [...ticked, item] : ticked.filter((one) => one !== item))
            }
          />
          {words(item)}
        </label>
      ))}
    </>
  );
}
