'use client';

import { adultLengthCm, commonName, type SpeciesProfile } from '@/core/model';
import type { Wearer, Plate } from '@/core/plates';
import { useWords } from '@/session/react/useWords';
import { usePlate } from '@/ui/plates/usePicture';

interface Figure {
  readonly plate: Plate;
  readonly lengthCm: number;
  readonly name: string;
}

/** Between two figures, in lengths of the longest. */
const GAP = 0.07;

/** The species as it is known by; the sexes and the young where they look different; as sold. All at true size. */
function useFigures(profile: SpeciesProfile): readonly Figure[] {
  const known = usePlate(profile, null, 'plate');
  const plates: Readonly<Record<Wearer, Plate | null>> = {
    male: usePlate(profile, 'male', 'plate'),
    female: usePlate(profile, 'female', 'plate'),
    young: usePlate(profile, 'young', 'plate'),
  };
  if (!known) return [];
  const { maleCm, femaleCm, soldCm } = profile.size;
  const differs = (wearer: Wearer): boolean =>
    plates[wearer] !== null && plates[wearer].inner !== known.inner;
  const sexes = (['male', 'female'] as const).filter(differs);
  const first = sexes.length === 1 ? (sexes[0] === 'female' ? 'male' : 'female') : 'grown';
  return [
    {
      plate: known,
      lengthCm: first === 'female' ? femaleCm : first === 'male' ? maleCm : adultLengthCm(profile),
      name: first,
    },
    ...sexes.map((sex) => ({
      plate: plates[sex] as Plate,
      lengthCm: sex === 'male' ? maleCm : femaleCm,
      name: sex,
    })),
    { plate: plates.young ?? known, lengthCm: soldCm, name: 'as sold' },
  ];
}

/** How a species looks, grown and as sold, on a ruler in the keeper's unit. */
export function Portrait({ profile }: { readonly profile: SpeciesProfile }) {
  const words = useWords();
  const figures = useFigures(profile);
  const adult = adultLengthCm(profile);
  const unit = words.tick(adult);
  const gap = adult * GAP;
  const boxes = figures.map(({ plate, lengthCm, name }) => {
    const scale = lengthCm / plate.length;
    const [x, y, width, height] = plate.viewBox;
    return { plate, name, lengthCm, scale, x, y, width: width * scale, height: height * scale };
  });
  const tallest = Math.max(...boxes.map(({ height }) => height), adult * 0.2);
  const total = boxes.reduce((sum, { width }) => sum + width + gap, 0) || adult * 1.4;
  const placed = boxes.map((box, i) => ({
    ...box,
    at: boxes.slice(0, i).reduce((sum, { width }) => sum + width + gap, 0),
  }));
  const label = placed
    .map(({ name, lengthCm }) => `${name} ${words.quantity('length', lengthCm)}`)
    .join(', ');
  const line = adult * 0.004;
  return (
    <figure className="my-2">
      <svg
        role="img"
        aria-label={`A ${commonName(profile)} drawn to one scale: ${label}`}
        viewBox={`0 0 ${total} ${tallest + adult * 0.05}`}
        className="max-h-56 w-full"
      >
        {placed.map(({ plate, name, scale, x, y, at, height }) => (
          <g
            key={name}
            className="plate"
            transform={`translate(${at - x * scale} ${tallest - height - y * scale}) scale(${scale})`}
            dangerouslySetInnerHTML={{ __html: plate.inner }}
          />
        ))}
        <g stroke="var(--slate)" strokeWidth={line}>
          <line x1={0} x2={total} y1={tallest + line} y2={tallest + line} />
          {Array.from({ length: Math.floor(total / unit.cm) + 1 }, (_, i) => (
            <line
              key={i}
              x1={i * unit.cm}
              x2={i * unit.cm}
              y1={tallest}
              y2={tallest + adult * (i % 5 === 0 ? 0.04 : 0.02)}
            />
          ))}
        </g>
      </svg>
      <figcaption className="text-[0.75rem] text-slate">
        {placed.map(({ name, lengthCm }, i) => (
          <span key={name}>
            {i > 0 && ', '}
            {i === 0 ? name.charAt(0).toUpperCase() + name.slice(1) : name}{' '}
            <span className="fig">{words.quantity('length', lengthCm)}</span>
          </span>
        ))}
        {placed.length > 0 && '. '}A tick every <span className="fig">{unit.label}</span>.
      </figcaption>
    </figure>
  );
}
