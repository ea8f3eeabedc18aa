'use client';

import { profileHref } from '@/ui/hrefs';
import { Fragment, useMemo } from 'react';
import { Link } from '@/ui/Link';
import { adultLengthCm, commonName, type SpeciesProfile } from '@/core/model';
import { useProfileMatter } from '@/session/react/useProfileMatter';
import { ExperienceLines } from '@/session/react/ExperienceLines';
import { OwnFigures } from '@/session/react/OwnFigures';
import { useExperienceAbout } from '@/session/react/useExperience';
import { useWords } from '@/session/react/useWords';
import { everyOf, profileParts, type ProfilePart } from '@/words/en';
import { Caution, Section } from '@/ui/Screen';
import { TanksByApproach, WaterScales } from './ProfileDrawings';
import { Portrait } from './Portrait';

/** The lines of a part, each its own paragraph. */
function Lines({ part }: { readonly part: ProfilePart }) {
  return part.lines.map((line) => (
    <p key={line} className="mt-1">
      {line}
    </p>
  ));
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

/** What became of it in this room and with other keepers; nothing where nobody kept it. */
function ProfileExperience({ species }: { readonly species: string }) {
  const only = useMemo(() => [species], [species]);
  const known = useExperienceAbout({ species }, 'trouble');
  return known && known.own.tanks + known.others.tanks > 0 ? (
    <Section title="Experience" className="mt-3">
      <ExperienceLines asked={{ species }} outcome="trouble" />
      {known.own.tanks > 0 && <OwnFigures species={only} />}
    </Section>
  ) : null;
}

/** One species as a keeper would want to read it. */
export function Profile({ profile }: { readonly profile: SpeciesProfile }) {
  const words = useWords();
  const matter = useProfileMatter(profile);
  const parts = useMemo(() => profileParts(profile, words, matter), [profile, words, matter]);
  const { catalogue } = matter;
  const species = profile.formOf === null ? undefined : catalogue.byId.get(profile.formOf);
  return (
    <article>
      <header className="mb-2">
        <h2 className="text-[1.125rem] font-semibold">{commonName(profile)}</h2>
        <p className="text-slate">
          <i>{profile.scientificName}</i>
          {profile.formerNames.length > 0 && <>, once {profile.formerNames.join(', ')}</>}. {profile.family},{' '}
          {profile.region}, {profile.biotope}.
          {profile.commonNames.length > 1 && <> Also called {everyOf(profile.commonNames.slice(1))}.</>}
          {species && (
            <>
              {' '}
              A form of the{' '}
              <Link className="text-deep underline" href={profileHref(species.id)}>
                {commonName(species)}
              </Link>
              .
            </>
          )}
        </p>
      </header>
      <Portrait profile={profile} />
      {profile.notes && <p className="my-2">{profile.notes}</p>}
      <Cautions profile={profile} />
      {parts.map((part) => (
        <Fragment key={part.title}>
          <Section title={part.title} className="mt-3">
            {part.title === 'Water' && (
              <WaterScales wild={profile.water.wild} tankBred={profile.water.tankBred} />
            )}
            {part.title === 'Tank' && <TanksByApproach profile={profile} />}
            <Lines part={part} />
          </Section>
          {part.title === 'Company' && <ProfileExperience species={profile.id} />}
        </Fragment>
      ))}
    </article>
  );
}
