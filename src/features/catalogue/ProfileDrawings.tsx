import { adultLengthCm, type School, type SpeciesProfile, type WaterRange } from '@/core/model';
import { figure, span } from '@/core/wording';
import { FishSilhouette } from '@/ui/FishSilhouette';
import { colourOf } from '@/ui/colourOf';

const SCHOOLS: readonly School[] = ['cautious', 'middle', 'tried'];

/** Grown and as sold, on a ruler of centimetres. */
export function SizeDrawing({ profile }: { readonly profile: SpeciesProfile }) {
  const adult = adultLengthCm(profile);
  const height = Math.max(profile.size.heightCm, 1);
  const unit = adult > 40 ? 10 : adult > 12 ? 5 : 1;
  const width = adult * 1.15 + profile.size.soldCm + adult * 0.1;
  const ruler = height / 2 + height * 0.12 + adult * 0.03;
  return (
    <figure>
      <svg
        role="img"
        aria-label={`Grown ${adult} cm and as sold ${profile.size.soldCm} cm, to one scale`}
        viewBox={`0 ${-height / 2 - adult * 0.02} ${width} ${height * 1.16 + adult * 0.08}`}
        className="max-h-44 w-full"
      >
        <FishSilhouette profile={profile} lengthCm={adult} colour={colourOf(profile.id)} x={adult / 2} />
        <FishSilhouette
          profile={profile}
          lengthCm={profile.size.soldCm}
          colour={colourOf(profile.id)}
          x={adult * 1.15 + profile.size.soldCm / 2}
          y={height / 2 - (height * profile.size.soldCm) / adult / 2}
        />
        <g stroke="var(--slate)" strokeWidth={adult * 0.004}>
          <line x1={0} x2={width} y1={ruler} y2={ruler} />
          {Array.from({ length: Math.floor(width / unit) + 1 }, (_, i) => (
            <line
              key={i}
              x1={i * unit}
              x2={i * unit}
              y1={ruler}
              y2={ruler + adult * (i % 5 === 0 ? 0.03 : 0.015)}
            />
          ))}
        </g>
      </svg>
      <figcaption className="text-[12px] text-slate">
        Grown, and as sold. A tick every <span className="fig">{unit}</span> cm.
      </figcaption>
    </figure>
  );
}

/** The front of each school's tank with the grown fish in it, all to one scale. Heights that no school names stand at half the width. */
export function SchoolTanks({ profile }: { readonly profile: SpeciesProfile }) {
  const adult = adultLengthCm(profile);
  const tanks = SCHOOLS.map((school) => {
    const figureOf = profile.tank[school];
    const lengthCm = figureOf.lengthCm ?? adult * 4;
    const widthCm = figureOf.widthCm ?? lengthCm / 3;
    const heightCm =
      figureOf.heightCm ??
      (figureOf.litres === null
        ? widthCm
        : Math.min(lengthCm, (figureOf.litres * 1000) / (lengthCm * widthCm)));
    return { school, lengthCm, widthCm, heightCm, litres: figureOf.litres };
  });
  const widest = Math.max(...tanks.map((tank) => tank.lengthCm));
  return (
    <ul className="grid grid-cols-3 items-end gap-3">
      {tanks.map((tank) => (
        <li key={tank.school}>
          <svg
            viewBox={`0 ${-tank.heightCm} ${widest} ${tank.heightCm + widest * 0.01}`}
            role="img"
            aria-label={`The ${tank.school} tank, ${tank.lengthCm} cm long, with a grown one`}
            className="w-full"
          >
            <rect x={0} y={-tank.heightCm} width={tank.lengthCm} height={tank.heightCm} fill="var(--water)" />
            <path
              d={`M0 ${-tank.heightCm}V0H${tank.lengthCm}V${-tank.heightCm}`}
              fill="none"
              stroke="var(--slate)"
              strokeWidth={widest * 0.008}
            />
            <FishSilhouette
              profile={profile}
              lengthCm={adult}
              colour={colourOf(profile.id)}
              x={tank.lengthCm / 2}
              y={-tank.heightCm / 2}
            />
          </svg>
          <p className="mt-1 text-[13px] font-medium">{tank.school}</p>
          <p className="fig text-[12px] text-slate">
            {tank.lengthCm} × {tank.widthCm}
            {profile.tank[tank.school].heightCm === null ? '' : ` × ${tank.heightCm}`} cm
            {tank.litres === null ? '' : `, ${tank.litres} L`}
          </p>
        </li>
      ))}
    </ul>
  );
}

const SCALES = [
  { name: 'temperatureC', label: 'Temperature', unit: '°C', low: 5, high: 35 },
  { name: 'ph', label: 'pH', unit: '', low: 4, high: 9.5 },
  { name: 'ghDh', label: 'Hardness', unit: '°dH', low: 0, high: 30 },
] as const;

/** Wild range and what tank-bred fish take, on one line a measure. */
export function WaterScales({
  wild,
  tankBred,
}: {
  readonly wild: WaterRange;
  readonly tankBred: WaterRange;
}) {
  return (
    <div className="grid gap-2">
      {SCALES.map(({ name, label, unit, low, high }) => {
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
            <span className="fig text-right">{span(tankBred[name], unit)}</span>
          </div>
        );
      })}
      <p className="text-[12px] text-slate">
        Band: tank-bred fish. Line: the wild,{' '}
        {SCALES.map(
          ({ name, unit, label }) =>
            `${label === 'pH' ? label : label.toLowerCase()} ${span(wild[name], unit)}`,
        ).join(', ')}
        .
        {tankBred.salinityPpt[1] > 1
          ? ` Salt ${figure(tankBred.salinityPpt[0])} to ${figure(tankBred.salinityPpt[1])} ppt.`
          : ''}
      </p>
    </div>
  );
}
