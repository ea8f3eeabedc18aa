'use client';

import { commonName, type Catalogue } from '@/core/model/catalogue';
import { adultLengthCm, type School, type SpeciesProfile, type TankFigure } from '@/core/model/species';
import { speciesAnswer } from '@/core/formats/speciesAnswer';
import { span } from '@/core/rules/words';
import { FishSilhouette } from '@/ui/FishSilhouette';
import { colourOf } from '@/ui/colourOf';
import { Caution, Ledger, Section } from '@/ui/Screen';

const CONFIDENCE = { 1: 'unsure', 2: 'fairly sure', 3: 'sure' } as const;
const SCHOOLS: readonly School[] = ['cautious', 'middle', 'tried'];

function tankWords(figure: TankFigure): string {
  const dims = [figure.lengthCm, figure.widthCm, figure.heightCm].map((value) => value ?? 'any').join(' × ');
  return `${dims} cm${figure.litres === null ? '' : `, ${figure.litres} L`}`;
}

/** Grown and as sold, on a ruler of centimetres. */
function Drawing({ profile }: { readonly profile: SpeciesProfile }) {
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

/** One species as a keeper would want to read it. */
export function Profile({
  profile,
  catalogue,
}: {
  readonly profile: SpeciesProfile;
  readonly catalogue: Catalogue;
}) {
  const flat = speciesAnswer(profile);
  const { company, mouth, effect, habits, size } = profile;
  const eats = [
    mouth.eatsFish === 'any'
      ? 'fish that fit its mouth'
      : mouth.eatsFish === 'small'
        ? 'small fish'
        : mouth.eatsFish === 'fry'
          ? 'fry'
          : '',
    mouth.eatsShrimp === 'yes' ? 'shrimp' : mouth.eatsShrimp === 'young' ? 'young shrimp' : '',
    mouth.eatsSnails === 'no' ? '' : 'snails',
    mouth.eatsEggs ? 'eggs' : '',
    effect.eatsPlants === 'yes' ? 'plants' : effect.eatsPlants === 'some' ? 'soft plants' : '',
  ].filter(Boolean);
  return (
    <article>
      <header className="mb-2">
        <h2 className="text-[18px] font-semibold">{commonName(profile)}</h2>
        <p className="text-slate">
          <i>{profile.scientificName}</i>
          {profile.formerNames.length > 0 && <>, once {profile.formerNames.join(', ')}</>}. {profile.region},{' '}
          {profile.biotope}.
        </p>
      </header>
      <Drawing profile={profile} />
      {profile.notes && <p className="my-2">{profile.notes}</p>}
      {profile.trade.mixedUpWith && (
        <p className="my-2 text-slate">Mixed up with: {profile.trade.mixedUpWith}</p>
      )}
      <Section title="Size and life">
        <Ledger
          rows={[
            [
              'Grown, male and female',
              `${size.maleCm} and ${size.femaleCm} cm ${size.measure === 'TL' ? '' : size.measure}`,
            ],
            ['Height with fins', `${size.heightCm} cm`],
            ['Sold at, mature at', `${size.soldCm} and ${size.matureCm} cm`],
            ['Grown in about', `${size.monthsToGrown} months`],
            ['Lives', `${span(size.lifeYears, 'years')}`],
          ]}
        />
      </Section>
      <Section title="Company" className="mt-3">
        <Ledger
          rows={[
            ['Kept as', company.mode],
            ['Smallest group, at ease', `${company.smallestGroup}, ${company.comfortableGroup}`],
            ['Numbers to avoid', company.badNumbers.length > 0 ? company.badNumbers.join(', ') : 'none'],
            ['Females to a male', company.femalesPerMale ?? 'no matter'],
            ['Temper young, mature', `${company.temper.young}, ${company.temper.mature} of 3`],
            ['To its own kind, males, females', `${company.ownKind.male}, ${company.ownKind.female} of 3`],
            [
              'Nips fins',
              company.finNipping === 0
                ? 'no'
                : `${company.finNipping} of 3${company.nipCalmGroup ? `, calmer from ${company.nipCalmGroup}` : ''}`,
            ],
            ['Eats', eats.length > 0 ? eats.join(', ') : 'neither tank mates nor plants'],
            ['Jumps', habits.jumps],
          ]}
        />
      </Section>
      <Section
        title="Water"
        className="mt-3"
        aside={
          flat.temperatureC === profile.water.wild.temperatureC
            ? 'wild range, as it is touchy'
            : 'tank-bred range'
        }
      >
        <Ledger
          rows={[
            ['Temperature', span(flat.temperatureC, '°C')],
            ['pH', span(flat.ph, '')],
            ['Hardness', span(flat.ghDh, '°dH')],
            ['Salt', span(flat.salinityPpt, 'ppt')],
          ]}
        />
      </Section>
      <Section title="Tank by school" className="mt-3">
        <Ledger rows={SCHOOLS.map((school) => [school, tankWords(profile.tank[school])] as const)} />
      </Section>
      {profile.contested.length > 0 && (
        <Section title="Contested" className="mt-3">
          {profile.contested.map((pair) => (
            <p key={pair.species}>
              With {commonName(catalogue.byId.get(pair.species) ?? profile)}: {pair.why}
            </p>
          ))}
        </Section>
      )}
      {(profile.handling.sting || profile.handling.spines || profile.trade.restricted) && (
        <div className="mt-3 grid gap-2">
          {profile.handling.sting && (
            <Caution>
              Venomous sting: a container, never hands or a net; hot water and medical care at once after a
              sting.
            </Caution>
          )}
          {!profile.handling.sting && profile.handling.spines && (
            <Caution>Spines or hard fin rays that catch: move it in a container.</Caution>
          )}
          {profile.trade.restricted && (
            <Caution>
              Restricted in some places: ask your local authority before buying, moving or giving it away.
            </Caution>
          )}
        </div>
      )}
      <p className="mt-3 text-[13px] text-slate">
        Rests on {profile.basis}; {CONFIDENCE[profile.confidence as 1 | 2 | 3]} (
        <span className="fig">{profile.confidence}</span> of 3).
      </p>
    </article>
  );
}
