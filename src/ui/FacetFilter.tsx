import { type Chosen, type FacetName, FACETS } from '@/core/model';
import { Button } from './Button';
import { SelectField } from './Field';

const LABELS: Readonly<Record<FacetName, string>> = {
  layer: 'Layer',
  size: 'Size',
  temper: 'Temperament',
  water: 'Water',
  region: 'Region',
  theme: 'Theme',
  colour: 'Colour',
  marking: 'Markings',
  work: 'Eats',
  ease: 'Ease of care',
};

/** One choice a facet, or any; folded, with what is chosen beside it. */
export function FacetFilter({
  chosen,
  onChange,
  nameOf,
  narrow = false,
}: {
  readonly chosen: Chosen;
  readonly onChange: (chosen: Chosen) => void;
  /** The name of a choice, in the keeper's units. */
  readonly nameOf: (facet: FacetName, value: string) => string;
  /** In a column beside something else. */
  readonly narrow?: boolean;
}) {
  const names = Object.keys(FACETS) as FacetName[];
  const said = names
    .flatMap((name) => (chosen[name] ? [`${LABELS[name].toLowerCase()} ${nameOf(name, chosen[name])}`] : []))
    .join(', ');
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-3">
      <details className="min-w-0 flex-1">
        <summary className="min-h-6 max-desk:min-h-8 cursor-pointer text-deep">
          Filter{said && `: ${said}`}
        </summary>
        <div
          className={`grid grid-cols-2 gap-x-2 gap-y-1 min-[24rem]:grid-cols-3 sm:grid-cols-5 ${narrow ? '' : 'xl:grid-cols-10'}`}
        >
          {names.map((name) => (
            <SelectField
              key={name}
              label={LABELS[name]}
              value={chosen[name] ?? ''}
              onChange={(event) => onChange({ ...chosen, [name]: event.target.value })}
            >
              <option value="">any</option>
              {FACETS[name].map((value) => (
                <option key={value} value={value}>
                  {nameOf(name, value)}
                </option>
              ))}
            </SelectField>
          ))}
        </div>
      </details>
      {said && (
        <Button tone="quiet" onClick={() => onChange({})}>
          Clear filter
        </Button>
      )}
    </div>
  );
}
