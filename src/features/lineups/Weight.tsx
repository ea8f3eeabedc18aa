import { classes } from '@/ui/classes';

const WEIGHTS = [1, 2, 3, 4, 5] as const;

/** How much a wish weighs: five steps, the keys 1 to 5 or the arrows of a slider. */
export function Weight({
  name,
  value,
  onChange,
}: {
  readonly name: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
}) {
  return (
    <span role="radiogroup" aria-label={`Priority of ${name}`} className="inline-flex">
      {WEIGHTS.map((weight) => (
        <label key={weight} className="grid h-7 w-4 cursor-pointer place-items-center">
          <input
            type="radio"
            className="peer sr-only"
            name={`weight-${name}`}
            checked={value === weight}
            onChange={() => onChange(weight)}
            aria-label={String(weight)}
          />
          <span
            aria-hidden="true"
            className={classes(
              'block w-2.5 peer-focus-visible:outline-2 peer-focus-visible:outline-deep',
              weight <= value ? 'bg-deep' : 'bg-line',
            )}
            style={{ height: 5 + weight * 3 }}
          />
        </label>
      ))}
    </span>
  );
}
