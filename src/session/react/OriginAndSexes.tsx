'use client';

import { useId, useState } from 'react';
import { ORIGINS, type PlanGroup, readSexes, writeSexes } from '@/core/model';
import { countOf, termOf } from '@/words/en';

type Origin = NonNullable<PlanGroup['origin']>;

/** Origins as a list says them: nobody said is as sold. */
const ORIGIN_WORDS: Readonly<Record<Origin, string>> = {
  unknown: 'as sold',
  'tank-bred': termOf('tank-bred'),
  wild: termOf('wild'),
};
const PLAIN =
  'min-h-6 max-desk:min-h-8 rounded-xs border border-transparent bg-transparent text-[0.75rem] text-slate hover:border-line focus:border-line';

/** Where fish come from, chosen in place. */
export function OriginSelect({
  label,
  value,
  mixed = false,
  onChange,
}: {
  readonly label: string;
  readonly value: Origin;
  /** Of several groups that differ. */
  readonly mixed?: boolean;
  readonly onChange: (origin: Origin) => void;
}) {
  return (
    <select
      aria-label={label}
      className={`${PLAIN} max-desk:max-w-24`}
      value={mixed ? '' : value}
      onChange={(event) => onChange(event.target.value as Origin)}
    >
      {mixed && (
        <option value="" disabled>
          mixed
        </option>
      )}
      {ORIGINS.map((origin) => (
        <option key={origin} value={origin}>
          {ORIGIN_WORDS[origin]}
        </option>
      ))}
    </select>
  );
}

type Sexed = Pick<PlanGroup, 'count' | 'males' | 'females'>;

/** Males and females of a listed group, or of a wish, typed in place: "1 m, 3 f". What cannot be read stays, with what is wrong with it. */
export function SexesField({
  name,
  group,
  onChange,
}: {
  readonly name: string;
  readonly group: Sexed;
  readonly onChange: (how: <G extends Partial<Sexed>>(group: G) => G) => void;
}) {
  const id = useId();
  const written = writeSexes(group);
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? written;
  const sexes = readSexes(text);
  const sum = (sexes?.males ?? 0) + (sexes?.females ?? 0);
  const error =
    sexes === null
      ? 'Type them as 1 m, 3 f.'
      : sum > group.count
        ? `${countOf(sum, 'fish', 'fish')} are more than ${group.count}.`
        : null;
  const keep = (): void => {
    if (typed === null || error !== null || sexes === null) return;
    setTyped(null);
    if (writeSexes(sexes) === written) return;
    onChange((group) => ({ ...group, males: sexes.males, females: sexes.females }));
  };
  return (
    <>
      <input
        aria-label={`Males and females of ${name}`}
        aria-invalid={error !== null || undefined}
        aria-describedby={error === null ? undefined : id}
        className="fig min-h-7 max-desk:min-h-8 w-24 max-desk:w-25 rounded-xs border border-transparent bg-transparent px-1 text-[0.8125rem] placeholder:text-slate hover:border-line focus:border-line aria-[invalid=true]:border-buoy"
        placeholder="not sexed"
        value={text}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep();
          if (event.key === 'Escape') setTyped(null);
        }}
      />
      {error && (
        <span id={id} role="alert" className="block text-[0.75rem] text-buoy">
          {error}
        </span>
      )}
    </>
  );
}
