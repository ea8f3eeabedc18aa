import { adultLengthCm, type Approach, type SpeciesProfile, type WaterRange } from '@/core/model';
import { useWords } from '@/session/react/useWords';
import { tenth, termOf } from '@/words/en';
import { FishInScene } from '@/ui/plates/FishInScene';

const APPROACHES: readonly Approach[] = ['cautious', 'middle', 'tried'];

/** The front of the tank of each approach with the grown fish in it, all to one scale. */
export function TanksByApproach({ profile }: { readonly profile: SpeciesProfile }) {
  const adult = adultLengthCm(profile);
  const words = useWords();
  const tanks = APPROACHES.map((approach) => {
    const figureOf = profile.tank[approach];
    const lengthCm = figureOf.lengthCm ?? adult * 4;
    const widthCm = figureOf.widthCm ?? lengthCm / 3;
    const heightCm =
      figureOf.heightCm ??
      (figureOf.litres === null
        ? widthCm
        : Math.min(lengthCm, (figureOf.litres * 1000) / (lengthCm * widthCm)));
    return { approach, lengthCm, widthCm, heightCm, litres: figureOf.litres };
  });
  const widest = Math.max(...tanks.map((tank) => tank.lengthCm));
  return (
    <ul className="grid grid-cols-3 items-end gap-3">
      {tanks.map((tank) => (
        <li key={tank.approach}>
          <svg
            viewBox={`0 ${-tank.heightCm} ${widest} ${tank.heightCm + widest * 0.01}`}
            role="img"
            aria-label={`The ${termOf(tank.approach)} tank, ${words.tank('length', tank.lengthCm)} long, with a grown one`}
            className="w-full"
          >
            <rect x={0} y={-tank.heightCm} width={tank.lengthCm} height={tank.heightCm} fill="var(--water)" />
            <path
              d={`M0 ${-tank.heightCm}V0H${tank.lengthCm}V${-tank.heightCm}`}
              fill="none"
              stroke="var(--slate)"
              strokeWidth={widest * 0.008}
            />
            <FishInScene profile={profile} lengthCm={adult} x={tank.lengthCm / 2} y={-tank.heightCm / 2} />
          </svg>
          <p className="mt-1 text-[0.8125rem] font-medium">{termOf(tank.approach)}</p>
          <p className="fig text-[0.75rem] text-slate">
            {[
              tank.lengthCm,
              tank.widthCm,
              ...(profile.tank[tank.approach].heightCm === null ? [] : [tank.heightCm]),
            ]
              .map((cm) => words.tank('length', cm))
              .join(' × ')}
            {tank.litres === null ? '' : `, ${words.tank('volume', tank.litres)}`}
          </p>
        </li>
      ))}
    </ul>
  );
}

const SCALES = [
  { name: 'temperatureC', label: 'Temperature', kind: 'temperature', low: 5, high: 35 },
  { name: 'ph', label: 'pH', kind: null, low: 4, high: 9.5 },
  { name: 'ghDh', label: 'GH', kind: 'hardness', low: 0, high: 30 },
] as const;

/** Wild range and what tank-bred fish take, on one line a measure. */
export function WaterScales({
  wild,
  tankBred,
}: {
  readonly wild: WaterRange;
  readonly tankBred: WaterRange;
}) {
  const words = useWords();
  const span = (kind: 'temperature' | 'hardness' | null, range: readonly [number, number]): string =>
    kind === null ? `${tenth(range[0])} to ${tenth(range[1])}` : words.range(kind, range);
  return (
    <div className="grid gap-2">
      {SCALES.map(({ name, label, kind, low, high }) => {
        const at = (value: number): number =>
          ((Math.min(high, Math.max(low, value)) - low) / (high - low)) * 300;
        return (
          <div key={name} className="grid grid-cols-[6rem_1fr_9rem] items-center gap-2">
            <span className="text-slate">{label}</span>
            <svg viewBox="0 0 300 12" className="h-3 w-full" preserveAspectRatio="none" aria-hidden="true">
              <line x1={0} x2={300} y1={6} y2={6} stroke="var(--line)" />
              <rect
                x={at(tankBred[name][0])}
                width={Math.max(2, at(tankBred[name][1]) - at(tankBred[name][0]))}
                y={3}
                height={6}
                fill="var(--water-deep)"
              />
              <rect
                x={at(wild[name][0])}
                width={Math.max(2, at(wild[name][1]) - at(wild[name][0]))}
                y={5}
                height={2}
                fill="var(--deep)"
              />
            </svg>
            <span className="fig text-right">{span(kind, tankBred[name])}</span>
          </div>
        );
      })}
      <p className="text-[0.75rem] text-slate">
        Band: tank-bred fish. Line: wild fish,{' '}
        {SCALES.map(
          ({ name, kind, label }) => `${kind === 'temperature' ? '' : `${label} `}${span(kind, wild[name])}`,
        ).join(', ')}
        .{tankBred.salinityPpt[1] > 1 ? ` Salt ${words.range('salinity', tankBred.salinityPpt)}.` : ''}
      </p>
    </div>
  );
}
