'use client';

import { useCallback, useEffect, useMemo, useReducer } from 'react';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { newTank } from '@/core/commands';
import { applyEdit, type Editable, offeredGroup } from '@/core/assess';
import { readTank, type TankGuess } from '@/core/tank';
import type { TankId } from '@/core/kernel';
import { type PlanGroup, recountGroup, type SpeciesProfile } from '@/core/model';
import type { DocumentBodies, DraftGroup } from '@/core/records';
import type { PlanEdit } from '@/core/rules';
import { forget, recall, remember } from '@/session/browserMemory';
import { newId } from '@/session/browserStamp';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useUnits } from '@/session/react/useUnits';
import type { TankView } from '@/session/react/useTanks';

const KEPT = 'lomvik.first';

/** What stands on the page before anything is kept. */
interface Plan {
  readonly text: string;
  /** Which of the sizes of that volume or length. */
  readonly chosen: number;
  readonly listed: readonly DraftGroup[];
  /** What a fix changed of the tank; null while it is as its size makes it. */
  readonly edited: DocumentBodies['tank'] | null;
}
const NOTHING: Plan = { text: '', chosen: 0, listed: [], edited: null };

/** A plan that looks fine at the shop and is not: what a verdict is for. */
const EXAMPLE = {
  tank: '75 US gal',
  fish: ['pterophyllum-scalare', 'puntigrus-tetrazona', 'corydoras-aeneus'],
};

interface State {
  readonly plan: Plan;
  readonly past: readonly Plan[];
}
type Act = { readonly to: Plan; readonly typed?: boolean } | 'back';

/** Typing is no step of its own: going back over others leaves what was typed. */
const reduce = ({ plan, past }: State, act: Act): State => {
  if (act === 'back') return { plan: past.at(-1) ?? plan, past: past.slice(0, -1) };
  if (!act.typed) return { plan: act.to, past: [...past, plan] };
  const { text, chosen, edited } = act.to;
  return { plan: act.to, past: past.map((one) => ({ ...one, text, chosen, edited })) };
};

/** What was typed before a reload; nothing where it cannot be read. */
function recalled(): Plan {
  try {
    const kept = JSON.parse(recall('sessionStorage', KEPT) ?? 'null') as Partial<Plan> | null;
    return typeof kept?.text === 'string' && Array.isArray(kept.listed) ? { ...NOTHING, ...kept } : NOTHING;
  } catch {
    return NOTHING;
  }
}

/** The first plan of a newcomer, or one that came by a link: changed in place and by fixes, kept nowhere but in this tab. */
export function useFirstPlan(given?: {
  readonly body: DocumentBodies['tank'];
  readonly listed: readonly DraftGroup[];
}) {
  const catalogue = useCatalogue();
  const units = useUnits();
  const [{ plan, past }, act] = useReducer(reduce, null, () => ({
    plan: given ? { ...NOTHING, edited: given.body, listed: given.listed } : recalled(),
    past: [],
  }));
  const isKept = given === undefined;
  useEffect(() => {
    // A plan that came by a link stands in the address.
    if (!isKept) return;
    if (plan === NOTHING) forget('sessionStorage', KEPT);
    else remember('sessionStorage', KEPT, JSON.stringify(plan));
  }, [plan, isKept]);
  const reading = useMemo(() => readTank(plan.text, STANDARD_TANKS, units), [plan.text, units]);
  const sizes: readonly TankGuess[] = reading.ok ? reading.sizes : [];
  const size = sizes[Math.min(plan.chosen, sizes.length - 1)] ?? null;
  const body = useMemo(
    () => plan.edited ?? (size ? newTank(size.name || 'My tank', 'display', size, 1) : null),
    [plan.edited, size],
  );
  const tank = useMemo<TankView | null>(() => (body ? { id: 'first' as TankId, body } : null), [body]);
  const put = useCallback(
    (more: Partial<Plan>, typed = false) => act({ to: { ...plan, ...more }, typed }),
    [plan],
  );
  const editable: Editable | null = body && {
    tank: body,
    listed: plan.listed,
    living: {},
    profileOf: (species) => catalogue.byId.get(species),
  };
  const edited = (edit: PlanEdit) => (editable ? applyEdit(edit, editable, newId<string>()) : null);
  return {
    ...plan,
    reading,
    sizes,
    size,
    tank,
    type: (text: string) => put({ text, chosen: 0, edited: null }, true),
    choose: (chosen: number) => put({ chosen, edited: null }),
    add: (profile: SpeciesProfile, count: number | null = null) => {
      const there = plan.listed.find(({ group }) => group.species === profile.id);
      // Named again with a number: that is its number now.
      if (there && count !== null)
        put({
          listed: plan.listed.map((one) =>
            one === there ? { ...one, group: recountGroup(one.group, count) } : one,
          ),
        });
      if (!there)
        put({ listed: [...plan.listed, { key: newId<string>(), group: offeredGroup(profile, count) }] });
    },
    addAll: (groups: readonly PlanGroup[]) =>
      put({ listed: [...plan.listed, ...groups.map((group) => ({ key: newId<string>(), group }))] }),
    recount: (key: string, how: (count: number) => number) =>
      put({
        listed: plan.listed.map((one) =>
          one.key === key ? { ...one, group: recountGroup(one.group, how(one.group.count)) } : one,
        ),
      }),
    remove: (key: string) => put({ listed: plan.listed.filter((one) => one.key !== key) }),
    canDo: (edit: PlanEdit): boolean => edited(edit) !== null,
    fix: (edit: PlanEdit) => {
      const done = edited(edit);
      if (done) put('tank' in done ? { edited: done.tank } : { listed: done.listed });
    },
    example: () =>
      put({
        text: EXAMPLE.tank,
        chosen: 0,
        edited: null,
        listed: EXAMPLE.fish.flatMap((species) => {
          const profile = catalogue.byId.get(species);
          return profile ? [{ key: newId<string>(), group: offeredGroup(profile) }] : [];
        }),
      }),
    canGoBack: past.length > 0,
    back: () => act('back'),
    clear: () => act({ to: NOTHING }),
  };
}
export type FirstPlan = ReturnType<typeof useFirstPlan>;
