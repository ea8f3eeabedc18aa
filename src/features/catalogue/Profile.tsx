'use client';

import { useMemo } from 'react';
import Link from 'next/link';
import { speciesAnswer } from '@/core/formats';
import { mouthRatio } from '@/core/fish';
import { adultLengthCm, type Catalogue, commonName, facetsOf, type SpeciesProfile } from '@/core/model';
import { capital, figure, list, plural, span } from '@/core/wording';
import { Caution, Ledger, Section } from '@/ui/Screen';
import { SchoolTanks, SizeDrawing, WaterScales } from './ProfileDrawings';

const CONFIDENCE = { 1: 'unsure', 2: 'fairly sure', 3: 'sure' } as const;
const TEMPER = ['gentle', 'pushy', 'rough', 'deadly'] as const;
const OWN = [
  'at peace with its own kind',
  'spars with its own kind',
  'fights its own kind',
  'kills its own kind',
] as const;
const COMPANY: Readonly<Record<SpeciesProfile['company']['mode'], string>> = {
  solitary: 'alone of its kind',
  pair: 'as a pair, or single in a community',
  harem: 'one male with several females',
  shoal: 'in a shoal',
  colony: 'in a colony',
  group: 'in a group',
};
const PAIRS: Readonly<Record<SpeciesProfile['company']['pairs'], string>> = {
  no: 'does not breed in tanks to speak of',
  scatters: 'scatters its eggs',
  guards: 'guards its brood',
  mouthbroods: 'carries its brood in the mouth',
  livebears: 'bears live young',
};
const NEEDS = ['sand', 'caves', 'overhangs', 'upright', 'shells', 'wood', 'plants', 'floating'] as const;
const NEED_WORDS: Readonly<Record<(typeof NEEDS)[number], string>> = {
  sand: 'sand',
  caves: 'caves',
  overhangs: 'overhangs',
  upright: 'upright roots or plants',
  shells: 'empty shells',
  wood: 'wood',
  plants: 'plants',
  floating: 'floating cover',
};

function companyWords(profile: SpeciesProfile): string {
  const { company } = profile;
  const worst = Math.max(company.ownKind.male, company.ownKind.female);
  const turns = company.temper.young !== company.temper.mature;
  return [
    `Kept ${COMPANY[company.mode]}${company.mode === 'solitary' ? '' : `: ${company.smallestGroup} at the least, ${company.comfortableGroup} at ease`}.`,
    company.badNumbers.length > 0 ? `Never ${list(company.badNumbers.map(String))}.` : '',
    company.femalesPerMale === null ? '' : `${figure(company.femalesPerMale)} females to each male.`,
    `${capital(TEMPER[company.temper.mature as 0])} toward others${turns ? ` once mature, from about ${figure(profile.size.matureCm)} cm; ${TEMPER[company.temper.young as 0]} before` : ''}, ${OWN[worst as 0]}.`,
    company.groundCm2 === null
      ? ''
      : `Holds about ${Math.sqrt(company.groundCm2).toFixed(0)} cm square of ${company.holds === 'nothing' ? 'room' : company.holds}.`,
    `It ${PAIRS[company.pairs]}${company.breeds === 'prolific' ? ' and multiplies without being asked' : ''}.`,
    company.finNipping > 0
      ? `Nips fins${company.nipCalmGroup ? `, less so from ${company.nipCalmGroup} on` : ''}.`
      : '',
    company.longFins ? 'Trails long fins.' : '',
    company.slimeGrazing === 'no' ? '' : 'Grazes on the slime of slow, flat fish.',
  ]
    .filter(Boolean)
    .join(' ');
}

const EATS_FISH = { no: '', fry: 'fry', small: 'small fish', any: 'any fish that fits' } as const;

function mouthWords(profile: SpeciesProfile): readonly string[] {
  const { mouth, effect } = profile;
  return [
    EATS_FISH[mouth.eatsFish],
    mouth.eatsShrimp === 'yes' ? 'shrimp' : mouth.eatsShrimp === 'young' ? 'young shrimp' : '',
    mouth.eatsSnails === 'no' ? '' : 'snails',
    mouth.eatsEggs ? 'eggs' : '',
    effect.eatsPlants === 'yes' ? 'plants' : effect.eatsPlants === 'some' ? 'soft plants' : '',
  ].filter(Boolean);
}

const NAMED = 4;

/** Contested pairs that are contested for one reason stand together. */
function byReason(profile: SpeciesProfile): readonly (readonly [string, readonly string[]])[] {
  const reasons = new Map<string, string[]>();
  for (const { why, species } of profile.contested) reasons.set(why, [...(reasons.get(why) ?? []), species]);
  return [...reasons];
}

/** Kinds of the catalogue that a grown one could swallow grown. */
function swallowed(profile: SpeciesProfile, catalogue: Catalogue): readonly SpeciesProfile[] {
  if (profile.mouth.eatsFish === 'no' || profile.mouth.eatsFish === 'fry') return [];
  return catalogue.all.filter(
    (prey) =>
      prey.life === 'fish' &&
      prey.id !== profile.id &&
      mouthRatio(profile, adultLengthCm(profile), prey, adultLengthCm(prey)) <= 1,
  );
}

function Cautions({ profile }: { readonly profile: SpeciesProfile }) {
  const { handling, trade } = profile;
  return (
    <div className="grid gap-2">
      {handling.sting && (
        <Caution>
          Venomous sting: a container, never hands or a net; hot water and medical care at once after a sting.
        </Caution>
      )}
      {!handling.sting && handling.spines && (
        <Caution>Spines or hard fin rays that catch: move it in a container.</Caution>
      )}
      {handling.scaleless && (
        <Caution>No scales: sensitive to medicines and salt. Follow the label, ask a vet.</Caution>
      )}
      {trade.restricted && (
        <Caution>
          Restricted in some places: ask your local authority before buying, moving or giving it away.
        </Caution>
      )}
      {trade.soldTiny && (
        <Caution>
          Sold at {figure(profile.size.soldCm)} cm, grown {figure(adultLengthCm(profile))} cm: plan for the
          grown fish.
        </Caution>
      )}
    </div>
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
  const { mouth, habits, size, tank, trade, effect } = profile;
  const adult = adultLengthCm(profile);
  const touchy = speciesAnswer(profile).temperatureC === profile.water.wild.temperatureC;
  const eats = mouthWords(profile);
  const prey = useMemo(() => swallowed(profile, catalogue), [profile, catalogue]);
  const needs = NEEDS.filter((need) => tank[need] === 'needs').map((need) => NEED_WORDS[need]);
  const likes = NEEDS.filter((need) => tank[need] === 'likes').map((need) => NEED_WORDS[need]);
  const facets = facetsOf(profile);
  return (
    <article>
      <header className="mb-2">
        <h2 className="text-[18px] font-semibold">{commonName(profile)}</h2>
        <p className="text-slate">
          <i>{profile.scientificName}</i>
          {profile.formerNames.length > 0 && <>, once {profile.formerNames.join(', ')}</>}. {profile.family},{' '}
          {profile.region}, {profile.biotope}.
          {profile.commonNames.length > 1 && <> Also called {list(profile.commonNames.slice(1))}.</>}
        </p>
      </header>
      <SizeDrawing profile={profile} />
      <Ledger
        rows={[
          [
            'Grown, male and female',
            `${size.maleCm} and ${size.femaleCm} cm ${size.measure === 'TL' ? '' : size.measure}`,
          ],
          ['Height with fins', `${size.heightCm} cm`],
          ['Sold at, mature at', `${size.soldCm} and ${size.matureCm} cm`],
          ['Grown in about', `${size.monthsToGrown} months`],
          ['Lives', span(size.lifeYears, 'years')],
        ]}
      />
      {profile.notes && <p className="my-2">{profile.notes}</p>}
      <Cautions profile={profile} />
      <Section title="Company" className="mt-3">
        <p>{companyWords(profile)}</p>
        {byReason(profile).map(([why, ids]) => (
          <p key={why} className="mt-1">
            Contested with{' '}
            {ids.map((id, index) => {
              const other = catalogue.byId.get(id);
              return (
                other && (
                  <span key={id}>
                    {index === 0 ? '' : index === ids.length - 1 ? ' and ' : ', '}
                    <Link className="text-deep underline" href={`/catalogue?species=${id}`}>
                      {commonName(other)}
                    </Link>
                  </span>
                )
              );
            })}
            : {why} One school avoids it, the other tries it with a way out.
          </p>
        ))}
      </Section>
      <Section
        title="Mouth and meals"
        className="mt-3"
        aside={`${mouth.diet}, ${['slow', 'steady', 'quick'][habits.mealSpeed - 1]} at meals`}
      >
        <p>
          Eats {eats.length > 0 ? list(eats) : 'neither tank mates nor plants'}. The mouth opens about{' '}
          <span className="fig">{figure(mouth.gapeRatio * adult)} cm</span> when grown
          {prey.length > 0
            ? `: ${prey.length} kinds of this catalogue fit in it, such as ${list(prey.slice(0, NAMED).map((one) => plural(commonName(one))))}`
            : ''}
          .
        </p>
      </Section>
      <Section
        title="Water"
        className="mt-3"
        aside={touchy ? 'judged by the wild range, as it is touchy' : 'judged by the tank-bred range'}
      >
        <WaterScales wild={profile.water.wild} tankBred={profile.water.tankBred} />
        <p className="mt-1">
          {capital(profile.water.flow)} current{profile.water.oxygen === 3 ? ', much oxygen' : ''}.
        </p>
      </Section>
      <Section title="Tank by school" className="mt-3" aside="front view, one scale, with a grown one">
        <SchoolTanks profile={profile} />
        <p className="mt-2">
          {needs.length > 0 ? `Needs ${list(needs)}. ` : ''}
          {likes.length > 0 ? `Likes ${list(likes)}. ` : ''}
          {habits.jumps === 'no'
            ? ''
            : habits.jumps === 'often'
              ? 'Jumps: a tight lid. '
              : 'Jumps now and then. '}
          {effect.digs >= 2 ? 'Digs. ' : ''}
          {habits.panics ? 'Dashes blindly when frightened. ' : ''}
          {habits.nightActive ? 'Active at night.' : ''}
        </p>
      </Section>
      <Section
        title="Trade"
        className="mt-3"
        aside={`${trade.supply}, met in ${trade.met === 'shop' ? 'shops' : trade.met === 'club' ? 'clubs' : 'specialist shops'}`}
      >
        {trade.mixedUpWith ? (
          <p>Mixed up with: {trade.mixedUpWith}</p>
        ) : (
          <p className="text-slate">Seldom mixed up with another.</p>
        )}
        <p className="text-slate">
          {capital(
            list([...facets.ease, ...facets.theme, ...facets.work.map((work) => `useful for ${work}`)]),
          )}
          .
        </p>
      </Section>
      <p className="mt-3 text-[13px] text-slate">
        Rests on {profile.basis}; {CONFIDENCE[profile.confidence as 1 | 2 | 3]} (
        <span className="fig">{profile.confidence}</span> of 3).
      </p>
    </article>
  );
}
