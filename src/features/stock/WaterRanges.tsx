import { useWords } from '@/session/react/useWords';
import { memo } from 'react';
import type { Assessment } from '@/core/assess';
import { commonName } from '@/core/model';
import { tenth } from '@/words/en';

const MEASURES = [
  { name: 'temperatureC', label: 'Temperature', kind: 'temperature', low: 14, high: 34 },
  { name: 'ph', label: 'pH', kind: null, low: 4, high: 9.5 },
  { name: 'ghDh', label: 'GH', kind: 'hardness', low: 0, high: 30 },
] as const;

/** Water ranges of all species with what they share and where the tank stands. */
export const WaterRanges = memo(function WaterRanges({
  assessment,
  colours,
}: {
  readonly assessment: Assessment;
  readonly colours: ReadonlyMap<string, string>;
}) {
  const words = useWords();
  const { planned, shared, water } = assessment.context;
  return (
    // Painted by itself, and not again while nothing in it changes: it has three bars a species.
    <div className="isolate grid grid-cols-1 gap-4 sm:grid-cols-3">
      {MEASURES.map(({ name, label, kind: measured, low, high }) => {
        const figure = (value: number): string =>
          measured === null ? tenth(value) : words.figure(measured, value);
        const title = measured === null ? label : `${label}, ${words.unit(measured)}`;
        const at = (value: number): string =>
          `${(Math.min(1, Math.max(0, (value - low) / (high - low))) * 100).toFixed(2)}%`;
        const common = shared[name];
        const known = !water.assumed.has(name);
        return (
          <figure key={name}>
            <figcaption className="text-[0.75rem] text-slate">
              <span className="block font-medium">{title}</span>
              <span className="fig block min-h-[1.45em]">
                {common
                  ? `shared ${figure(common[0])} to ${figure(common[1])}`
                  : planned.length > 0
                    ? 'nothing shared'
                    : ''}
              </span>
            </figcaption>
            <div className="relative border-x border-line py-1">
              {common && (
                <div
                  className="absolute inset-y-0 bg-water"
                  style={{
                    left: at(common[0]),
                    width: `calc(${at(common[1])} - ${at(common[0])})`,
                    minWidth: 2,
                  }}
                />
              )}
              {known && (
                <div
                  className="absolute inset-y-0 w-px bg-ink"
                  style={{ left: at(water[name]) }}
                  title={`tank ${figure(water[name])}`}
                />
              )}
              <ul className="relative flex flex-col gap-[3px]">
                {planned.map((species) => {
                  const [from, to] = species.range[name];
                  const said = `${commonName(species.profile)}: ${figure(from)} to ${figure(to)}`;
                  return (
                    <li key={species.profile.id} className="h-[7px]" title={said}>
                      <span
                        role="img"
                        aria-label={said}
                        className="block h-[5px]"
                        style={{
                          marginLeft: at(from),
                          width: `calc(${at(to)} - ${at(from)})`,
                          background: colours.get(species.profile.id),
                        }}
                      />
                    </li>
                  );
                })}
              </ul>
            </div>
            <div className="fig flex justify-between text-[0.6875rem] text-slate">
              <span>{figure(low)}</span>
              <span>{known ? `tank ${figure(water[name])}` : 'tank not measured'}</span>
              <span>{figure(high)}</span>
            </div>
          </figure>
        );
      })}
    </div>
  );
});
