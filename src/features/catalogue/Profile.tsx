'use client';

import { useMemo } from 'react';
import Link from 'next/link';
import { speciesAnswer } from '@/core/formats';
import { mouthRatio } from '@/core/fish';
import { adultLengthCm, type Catalogue, commonName, facetsOf, type SpeciesProfile } from '@/core/model';
import { useWords } from '@/session/react/useWords';
import { capital, everyOf, manyOf, tenth, type Words } from '@/words/en';
import { Caution, Ledger, Section } from '@/ui/Screen';
import { TanksByApproach, SizeDrawing, WaterScales } from './ProfileDrawings';

const CONFIDENCE = { 1: 'low', 2: 'medium', 3: 'high' } as const;
const SOURCE: Readonly<Record<SpeciesProfile['basis'], string>> = {
  memory: 'general knowledge',
  'common practice': 'common practice',
};
const TEMPER = ['peaceful', 'semi-aggressive', 'aggressive', 'very aggressive'] as const;
const OWN = [
  'peaceful with its own kind',
  'spars with its own kind',
  'fights its own kind',
  'kills its own kind',
] as const;
const COMPANY: Readonly<Record<SpeciesProfile['company']['mode'], string>> = {
  solitary: 'alone',
  pair: 'as a pair, or one in a community tank',
  harem: 'one male with several females',
  shoal: 'in a shoal',
  colony: 'in a colony',
  group: 'in a group',
};
const PAIRS: Readonly<Record<SpeciesProfile['company']['pairs'], string>> = {
  no: 'seldom breeds in tanks',
  scatters: 'scatters its eggs',
  guards: 'guards its brood',
  mouthbroods: 'is a mouthbrooder',
  livebears: 'is a livebearer',
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

function companyWords(profile: SpeciesProfile, words: Words): string {
  const { company } = profile;
  const worst = Math.max(company.ownKind.male, company.ownKind.female);
  const turns = company.temper.young !== company.temper.mature;
  return [
    `Kept ${COMPANY[company.mode]}${company.mode === 'solitary' ? '' : `: at least ${company.smallestGroup}, ideally ${company.comfortableGroup}`}.`,
    company.badNumbers.length > 0 ? `Never ${everyOf(company.badNumbers.map(String))}.` : '',
    company.femalesPerMale === null ? '' : `${tenth(company.femalesPerMale)} females to each male.`,
    `${capital(TEMPER[company.temper.mature as 0])} toward others${turns ? ` once mature, from about ${words.quantity('length', profile.size.matureCm)}; ${TEMPER[company.temper.young as 0]} before` : ''}, ${OWN[worst as 0]}.`,
    company.groundCm2 === null
      ? ''
      : `Territory about ${words.tank('length', Math.sqrt(company.groundCm2))} square${company.holds === 'nothing' ? '' : `, around ${company.holds}`}.`,
    `It ${PAIRS[company.pairs]}${company.breeds === 'prolific' ? ' and breeds freely' : ''}.`,
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

/** Species of the catalogue that a grown one could swallow grown. */
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
  const words = useWords();
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
          Restricted in some places: ask your local authority before buying, moving or rehoming it.
        </Caution>
      )}
      {trade.soldTiny && (
        <Caution>
          Sold at {words.quantity('length', profile.size.soldCm)}, grown{' '}
          {words.quantity('length', adultLengthCm(profile))}: plan for the grown fish.
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
  const words = useWords();
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
          {profile.commonNames.length > 1 && <> Also called {everyOf(profile.commonNames.slice(1))}.</>}
        </p>
      </header>
      <SizeDrawing profile={profile} />
      <Ledger
        rows={[
          [
            'Grown, male and female',
            `${words.quantity('length', size.maleCm)} and ${words.quantity('length', size.femaleCm)} ${size.measure === 'TL' ? '' : size.measure}`,
          ],
          ['Height with fins', words.quantity('length', size.heightCm)],
          [
            'Sold at, mature at',
            `${words.quantity('length', size.soldCm)} and ${words.quantity('length', size.matureCm)}`,
          ],
          ['Grown in about', `${size.monthsToGrown} months`],
          ['Lives', `${size.lifeYears[0]} to ${size.lifeYears[1]} years`],
        ]}
      />
      {profile.notes && <p className="my-2">{profile.notes}</p>}
      <Cautions profile={profile} />
      <Section title="Social needs" className="mt-3">
        <p>{companyWords(profile, words)}</p>
        {byReason(profile).map(([why, ids]) => (
          <p key={why} className="mt-1">
            Keepers disagree about{' '}
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
            : {why} Some avoid it; others try it with an exit plan.
          </p>
        ))}
      </Section>
      <Section
        title="Feeding"
        className="mt-3"
        aside={`${mouth.diet}, ${['slow', 'steady', 'quick'][habits.mealSpeed - 1]} eater`}
      >
        <p>
          Eats {eats.length > 0 ? everyOf(eats) : 'neither tank mates nor plants'}. The mouth opens about{' '}
          <span className="fig">{words.fine('length', mouth.gapeRatio * adult)}</span> when grown
          {prey.length > 0
            ? `: ${prey.length} species of this catalogue fit in it, such as ${everyOf(prey.slice(0, NAMED).map((one) => manyOf(one)))}`
            : ''}
          .
        </p>
      </Section>
      <Section
        title="Water"
        className="mt-3"
        aside={touchy ? 'sensitive: judged by the wild range' : 'judged by the tank-bred range'}
      >
        <WaterScales wild={profile.water.wild} tankBred={profile.water.tankBred} />
        <p className="mt-1">
          {capital(profile.water.flow)} current{profile.water.oxygen === 3 ? ', much oxygen' : ''}.
        </p>
      </Section>
      <Section title="Tank by approach" className="mt-3" aside="front view, one scale, with a grown one">
        <TanksByApproach profile={profile} />
        <p className="mt-2">
          {needs.length > 0 ? `Needs ${everyOf(needs)}. ` : ''}
          {likes.length > 0 ? `Likes ${everyOf(likes)}. ` : ''}
          {habits.jumps === 'no'
            ? ''
            : habits.jumps === 'often'
              ? 'Jumps: a tight lid. '
              : 'Jumps when frightened. '}
          {effect.digs >= 2 ? 'Digs. ' : ''}
          {habits.panics ? 'Bolts when frightened. ' : ''}
          {habits.nightActive ? 'Active at night.' : ''}
        </p>
      </Section>
      <Section
        title="Trade"
        className="mt-3"
        aside={`${trade.supply}, found in ${trade.met === 'shop' ? 'shops' : trade.met === 'club' ? 'clubs' : 'specialist shops'}`}
      >
        {trade.mixedUpWith ? (
          <p>Easily confused with: {trade.mixedUpWith}</p>
        ) : (
          <p className="text-slate">Rarely confused with another species.</p>
        )}
        <p className="text-slate">
          {capital(
            everyOf([...facets.ease, ...facets.theme, ...facets.work.map((work) => `useful for ${work}`)]),
          )}
          .
        </p>
      </Section>
      <p className="mt-3 text-[13px] text-slate">
        Source: {SOURCE[profile.basis]}, confidence {CONFIDENCE[profile.confidence as 1 | 2 | 3]}.
      </p>
    </article>
  );
}
