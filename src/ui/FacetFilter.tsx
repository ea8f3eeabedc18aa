import { type Chosen, type FacetName, FACETS } from '@/core/model';
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

/** One choice a facet, or any. */
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
  return (
    <div
      className={`grid grid-cols-2 gap-x-2 gap-y-1 min-[24rem]:grid-cols-3 sm:grid-cols-5 ${narrow ? '' : 'xl:grid-cols-10'}`}
    >
      {(Object.keys(FACETS) as FacetName[]).map((name) => (
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
  );
}
