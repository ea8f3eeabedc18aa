'use client';

import { Pin, Trash2 } from 'lucide-react';
import { commonName, type PlanGroup, type SpeciesProfile, writeSexes } from '@/core/model';
import type { KeptWish } from '@/core/records';
import { countedOf, termOf } from '@/words/en';
import { OriginSelect, SexesField } from '@/session/react/OriginAndSexes';
import { FishFields } from '@/session/react/FishFields';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useTabState } from '@/session/react/useTabState';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { SelectField } from '@/ui/Field';
import { typedWords } from '@/ui/form/fieldWords';
import { KeptField, type Read } from '@/ui/form/KeptField';
import { NumberField } from '@/ui/NumberField';
import { Section } from '@/ui/Screen';
import { QuickSets } from './QuickSets';
import { TROUBLE, type Wishes } from './useWishes';
import { Weight } from './Weight';
import { profileHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';

/** How much a problem takes off a line-up, in wishes. */
const TROUBLES: readonly (readonly [number, string])[] = [
  [0, 'only between equals'],
  [TROUBLE, 'half a small wish'],
  [2, 'a medium wish'],
  [5, 'a favourite'],
];

const MOST_MONEY = 1e6;
const MOST_COUNT = 500;
/** Figures in a row: what they are stands at the head. */
const FIGURE = { labelHidden: true, letters: 'figures right', wrap: 'w-18 shrink-0' } as const;

/** What a row of the list has fields for, beside the name. */
const VIEWS = { numbers: 'Numbers', fish: 'Sexes and origin', prices: 'Prices' } as const;
type View = keyof typeof VIEWS;

/** The sexes and the origin of a wish, where somebody said them. */
function AsBought({ wish }: { readonly wish: KeptWish }) {
  const { origin = 'unknown' } = wish;
  const said = [writeSexes(wish), origin === 'unknown' ? '' : termOf(origin)].filter((part) => part !== '');
  return said.length === 0 ? null : (
    <span className="block text-[0.75rem] text-slate">{said.join('; ')}</span>
  );
}

/** The numbers that are looked at while none are typed. */
const numbersOf = (
  { males = 0, females = 0 }: Pick<PlanGroup, 'males' | 'females'>,
  { company }: SpeciesProfile,
): readonly number[] =>
  males + females > 0 ? [males + females] : [...new Set([company.smallestGroup, company.comfortableGroup])];

/** Counts as typed, such as "6, 10"; undefined when blank. */
function countsOf(typed: string): Read<number[] | undefined> {
  if (typed === '') return { value: undefined };
  const counts = typed
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  return counts.every((count) => Number.isInteger(count) && count >= 1 && count <= MOST_COUNT)
    ? { value: counts }
    : { why: typedWords(`whole numbers from 1 to ${MOST_COUNT}, such as 6, 10`, typed) };
}

/** What is wished for a tank: how much, how many, and what must be there. */
export function WishList({ tank, wishes }: { readonly tank: TankView; readonly wishes: Wishes }) {
  const catalogue = useCatalogue();
  const [view, setView] = useTabState<View>('wishes.view', 'numbers');
  return (
    <div className="flex flex-col gap-3">
      <FishFields
        label="Add a wish"
        onPick={(profile, count) => wishes.add([profile], count)}
        withNumbers={false}
        onTake={(taken) => wishes.add(taken.map(({ profile }) => profile))}
      />
      <QuickSets tank={tank} wishes={wishes} />
      <Section
        title={`Wishes (${wishes.body.wishes.length})`}
        aside={
          wishes.body.wishes.length > 0 && (
            <span className="inline-flex gap-3">
              <select
                aria-label="What the list shows"
                className="min-h-6 max-desk:min-h-8 rounded-xs bg-transparent text-[0.8125rem] text-deep"
                value={view}
                onChange={(event) => setView(event.target.value as View)}
              >
                {Object.entries(VIEWS).map(([value, said]) => (
                  <option key={value} value={value}>
                    {said}
                  </option>
                ))}
              </select>
              <Button tone="quiet" onClick={wishes.clear}>
                Clear list
              </Button>
            </span>
          )
        }
      >
        {wishes.living.size > 0 && (
          <p className="mb-1 text-[0.75rem] text-slate">
            Built around the fish here:{' '}
            {[...wishes.living]
              .map(([species, count]) => {
                const profile = catalogue.byId.get(species);
                return profile ? countedOf(count, profile) : species;
              })
              .join(', ')}
            .
          </p>
        )}
        {wishes.body.wishes.length > 1 && view !== 'fish' && (
          <p className="mb-1 text-[0.75rem] text-slate">
            The bars are the priority: a wish with five bars counts as much as five wishes with one.
          </p>
        )}
        <ul aria-label="Wishes">
          {wishes.body.wishes.map((wish) => {
            const profile = catalogue.byId.get(wish.species);
            if (!profile) return null;
            const name = commonName(profile);
            return (
              <li
                key={wish.species}
                className="flex flex-wrap items-center justify-end gap-1 border-b border-line py-0.5"
              >
                <span className={classes('min-w-0 flex-1', view === 'fish' && 'max-sm:basis-full')}>
                  <span className="block leading-tight" title={profile.scientificName}>
                    <FishName profile={profile} href={profileHref(profile.id)} />
                  </span>
                  {view !== 'fish' && <AsBought wish={wish} />}
                </span>
                {view === 'fish' ? (
                  <>
                    <OriginSelect
                      label={`Origin of ${name}`}
                      value={wish.origin ?? 'unknown'}
                      onChange={(origin) => void wishes.change(wish.species, { origin })}
                    />
                    <SexesField
                      name={name}
                      group={{ ...wish, count: Math.max(0, ...(wish.counts ?? [])) || MOST_COUNT }}
                      onChange={(how) => {
                        const { males, females } = how({ males: wish.males, females: wish.females });
                        void wishes.change(wish.species, { males, females });
                      }}
                    />
                  </>
                ) : (
                  <Weight
                    name={name}
                    value={wish.weight ?? 1}
                    onChange={(weight) => void wishes.change(wish.species, { weight })}
                  />
                )}
                {view === 'prices' && (
                  <NumberField
                    label={`Price of one ${name}`}
                    {...FIGURE}
                    placeholder="price"
                    value={wish.price}
                    least={0}
                    most={MOST_MONEY}
                    onKeep={(price) => wishes.change(wish.species, { price })}
                  />
                )}
                {view === 'numbers' && (
                  <KeptField
                    label={`Numbers of ${name} to consider`}
                    {...FIGURE}
                    placeholder={numbersOf(wish, profile).join(', ')}
                    shown={wish.counts?.join(', ') ?? ''}
                    read={countsOf}
                    onKeep={(counts) => wishes.change(wish.species, { counts })}
                  />
                )}
                <button
                  type="button"
                  aria-pressed={wish.mustHave === true}
                  aria-label={`${name} must be there`}
                  title="Must be there"
                  className={classes(
                    'grid size-7 max-desk:size-8 place-items-center rounded-xs',
                    wish.mustHave === true ? 'bg-deep text-on-deep' : 'text-slate hover:text-ink',
                  )}
                  onClick={() => wishes.lock([wish.species], wish.mustHave !== true)}
                >
                  <Pin size={14} aria-hidden="true" />
                </button>
                <button
                  type="button"
                  aria-label={`Remove ${name} from the wishes`}
                  className="grid size-7 max-desk:size-8 place-items-center text-slate hover:text-ink"
                  onClick={() => wishes.remove(wish.species)}
                >
                  <Trash2 size={14} aria-hidden="true" />
                </button>
              </li>
            );
          })}
        </ul>
        {wishes.body.wishes.length > 0 && (
          <label className="mt-2 flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-(--deep)"
              checked={wishes.body.calm === true}
              onChange={(event) => void wishes.set({ calm: event.target.checked || undefined })}
            />
            Trouble-free only
          </label>
        )}
        {wishes.body.wishes.length > 0 && (
          <SelectField
            label="A problem counts"
            wrap="max-w-60"
            value={String(wishes.body.trouble ?? TROUBLE)}
            onChange={({ target }) => void wishes.set({ trouble: Number(target.value) })}
          >
            {TROUBLES.map(([weight, said]) => (
              <option key={weight} value={weight}>
                {said}
              </option>
            ))}
          </SelectField>
        )}
      </Section>
    </div>
  );
}
