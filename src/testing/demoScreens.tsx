import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import type { ReactElement } from 'react';
import { changeSettings } from '@/core/commands';
import type { UnitChoice } from '@/core/kernel';
import type { EntryId } from '@/core/kernel/schema/ids';
import { demoRoom } from '@/demo/demoRoom';
// Parts that load when they are opened, loaded beforehand: they are drawn at once, and a test sees them.
import '@/features/arrivals/MovingPart';
import '@/features/arrivals/SourcePart';
import '@/features/arrivals/WavesPart';
import '@/features/catalogue/SpeciesFiles';
import '@/features/experience/PredictionsPart';
import '@/features/water/CareCard';
import '@/features/water/FilterCard';
import '@/features/water/ProbeCard';
import { AggressionScreen } from '@/features/aggression/AggressionScreen';
import { ArrivalsScreen } from '@/features/arrivals/ArrivalsScreen';
import { CatalogueScreen } from '@/features/catalogue/CatalogueScreen';
import { DeparturesScreen } from '@/features/departures/DeparturesScreen';
import { DiaryScreen } from '@/features/diary/DiaryScreen';
import { ExperienceScreen } from '@/features/experience/ExperienceScreen';
import { HierarchyScreen } from '@/features/hierarchy/HierarchyScreen';
import { LifeScreen } from '@/features/life/LifeScreen';
import { LineUpsScreen } from '@/features/lineups/LineUpsScreen';
import { StockScreen } from '@/features/stock/StockScreen';
import { TankScreen } from '@/features/tank/TankScreen';
import { TodayScreen } from '@/features/today/TodayScreen';
import { WatchScreen } from '@/features/watch/WatchScreen';
import { WaterScreen } from '@/features/water/WaterScreen';
import { RoomContext } from '@/session/react/RoomProvider';
import { openSession } from '@/session/session';
import { todayIso } from '@/session/today';
import type { Session } from '@/session/types';
import { memoryPlace, memoryStore } from '@/store/memory/memoryStore';
import { METRIC } from '@/words/en/quantities';
import { catalogue } from './plans';

type Usual = Parameters<typeof changeSettings>[1];

let ids = 0;
const stamp = { id: () => `units-${(ids += 1)}` as EntryId, now: () => new Date().toISOString() };

/** The demo room with units of a keeper's choice. */
export async function demoIn(units: UnitChoice): Promise<Session> {
  const session = openSession({ store: memoryStore(memoryPlace()), catalogue, stamp });
  await waitFor(() => expect(session.state.getState().entries).not.toBeNull());
  await session.replaceAll(demoRoom(todayIso()));
  const { documents } = session.state.getState();
  const outcome = await session.run(
    'units',
    changeSettings(documents, { ...METRIC, keeper: '' } as Usual, units as Usual),
  );
  if (outcome.kind !== 'done') throw new Error(JSON.stringify(outcome));
  return session;
}

/** Opens the editor of a species, and the groups of its fields with such names. */
export async function editValues(groups: RegExp): Promise<HTMLElement> {
  fireEvent.click(screen.getByText('Edit values'));
  const dialog = await screen.findByRole('dialog');
  for (const group of dialog.querySelectorAll('button[aria-expanded="false"]'))
    if (groups.test(group.textContent ?? '')) fireEvent.click(group);
  return dialog;
}

/** All that a screen says: text, names of pictures and fields, placeholders, tooltips. */
export function said(container: HTMLElement): readonly string[] {
  const lines: string[] = [];
  const walk = document.createTreeWalker(container, NodeFilter.SHOW_ELEMENT);
  for (let node = walk.nextNode() as HTMLElement | null; node; node = walk.nextNode() as HTMLElement | null) {
    for (const name of ['aria-label', 'placeholder', 'title', 'aria-valuetext'])
      if (node.hasAttribute(name)) lines.push(node.getAttribute(name) ?? '');
    const own = [...node.childNodes].some((child) => child.nodeType === Node.TEXT_NODE);
    if (own && !node.closest('[data-as-written]')) lines.push(node.textContent ?? '');
    if (node instanceof HTMLInputElement) lines.push(node.value);
  }
  return lines;
}

/** Every screen and part: its name, its address, and what is drawn there. */
export const SCREENS: readonly (readonly [string, string, () => ReactElement])[] = [
  ['Today', '/', () => <TodayScreen />],
  ['Tank', '/tank?tank=demo-skerry', () => <TankScreen />],
  ...['', 'compatibility', 'candidates', 'stocking', 'odds', 'drafts', 'shopping'].map(
    (part) => [`Stock list ${part}`, `/stock?tank=demo-skerry&part=${part}`, () => <StockScreen />] as const,
  ),
  ...['', 'size', 'moves'].map(
    (part) =>
      [`Line-ups ${part}`, `/lineups?tank=demo-skerry&part=${part}`, () => <LineUpsScreen />] as const,
  ),
  ...(
    [
      ['', 'fen'],
      ['source', 'fen'],
      ['waves', 'fen'],
      ['quarantine', 'quay'],
      ['acclimation', 'fen'],
      ['release', 'skerry'],
      ['follow-up', 'quay'],
      ['moving', 'nursery'],
    ] as const
  ).map(
    ([part, tank]) =>
      [
        `Arrivals ${part}`,
        `/arrivals?tank=demo-${tank}&part=${part}&bring=demo-l2`,
        () => <ArrivalsScreen />,
      ] as const,
  ),
  ['Watch', '/watch?tank=demo-skerry', () => <WatchScreen />],
  ['Hierarchy', '/hierarchy?tank=demo-skerry', () => <HierarchyScreen />],
  ['Aggression', '/aggression?tank=demo-skerry', () => <AggressionScreen />],
  ['Sight lines', '/aggression?tank=demo-skerry&part=sight', () => <AggressionScreen />],
  ...['', 'losses', 'counts'].map(
    (part) =>
      [`Departures ${part}`, `/departures?tank=demo-fen&part=${part}`, () => <DeparturesScreen />] as const,
  ),
  ['Water', '/water?tank=demo-skerry', () => <WaterScreen />],
  ['Diary', '/diary?tank=demo-skerry', () => <DiaryScreen />],
  ['Catalogue', '/catalogue?species=astronotus-ocellatus', () => <CatalogueScreen />],
  ['Life', '/life?fish=amber', () => <LifeScreen />],
  ['Predictions', '/experience?part=predictions', () => <ExperienceScreen />],
];

/** Draws a part of the app over a session. */
export const draw = (session: Session, element: ReactElement) =>
  render(
    <RoomContext.Provider value={{ session, name: 'own', goTo: () => {}, resetDemo: async () => {} }}>
      {element}
    </RoomContext.Provider>,
  );
