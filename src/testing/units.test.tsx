import { act, cleanup, render, waitFor } from '@testing-library/react';
import type { ReactElement } from 'react';
import { changeSettings } from '@/core/commands';
import type { UnitChoice } from '@/core/kernel';
import type { EntryId } from '@/core/kernel/schema/ids';
import { demoRoom } from '@/demo/demoRoom';
import { AggressionScreen } from '@/features/aggression/AggressionScreen';
import { ArrivalsScreen } from '@/features/arrivals/ArrivalsScreen';
import { CatalogueScreen } from '@/features/catalogue/CatalogueScreen';
import { DeparturesScreen } from '@/features/departures/DeparturesScreen';
import { DiaryScreen } from '@/features/diary/DiaryScreen';
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
import { METRIC, US } from '@/words/en/quantities';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { catalogue } from './plans';

type Usual = Parameters<typeof changeSettings>[1];

let ids = 0;
const stamp = { id: () => `units-${(ids += 1)}` as EntryId, now: () => new Date().toISOString() };

/** The demo room with units of a keeper's choice. */
async function demoIn(units: UnitChoice): Promise<Session> {
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

const SCREENS: readonly (readonly [string, string, () => ReactElement])[] = [
  ['Today', '/', () => <TodayScreen />],
  ['Tank', '/tank?tank=demo-skerry', () => <TankScreen />],
  ...['', 'company', 'joins', 'fill', 'odds', 'drafts', 'buy'].map(
    (part) => [`Stock list ${part}`, `/stock?tank=demo-skerry&part=${part}`, () => <StockScreen />] as const,
  ),
  ...['', 'size', 'moves'].map(
    (part) =>
      [`Line-ups ${part}`, `/lineups?tank=demo-skerry&part=${part}`, () => <LineUpsScreen />] as const,
  ),
  ...['', 'source', 'waves', 'quarantine', 'bag', 'release', 'look', 'move'].map(
    (part) =>
      [`Arrivals ${part}`, `/arrivals?tank=demo-quay&part=${part}`, () => <ArrivalsScreen />] as const,
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
];

/** Figures with a unit of the other system. Notes that a keeper or a profile wrote stay as they were written. */
/** Names of common tanks are names of the trade, whatever unit is in them. */
const TANK_NAMES = new RegExp(
  STANDARD_TANKS.map(({ name }) => name)
    .sort((a, b) => b.length - a.length)
    .join('|'),
  'g',
);

const METRIC_FIGURE = /\d\s?(cm|mm|°C|°dH|kg|L\/h|mg\/L|cm²|L)(?![\w/])/;
const US_FIGURE = /\d\s?(in(?! (all|\d))|ft|°F|lb|psf|sq in|US gal|gph)(?![\w/])/;

/** All that a screen says: text, names of pictures and fields, placeholders, tooltips. */
function said(container: HTMLElement): readonly string[] {
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

afterEach(() => window.history.replaceState(null, '', '/'));

describe.each([
  ['US', US, METRIC_FIGURE],
  ['metric', METRIC, US_FIGURE],
] as const)('in %s units', (_name, units, other) => {
  it.each(SCREENS)('%s holds no figure of the other system', async (_screen, address, make) => {
    window.history.replaceState(null, '', address);
    const session = await demoIn(units);
    const { container } = render(
      <RoomContext.Provider value={{ session, name: 'own', goTo: () => {}, resetDemo: async () => {} }}>
        {make()}
      </RoomContext.Provider>,
    );
    await act(async () => void (await new Promise((resolve) => setTimeout(resolve, 30))));
    const lines = said(container);
    expect(lines.join('').length).toBeGreaterThan(40);
    expect(lines.filter((line) => other.test(line.replace(TANK_NAMES, '')))).toEqual([]);
    cleanup();
  });
});
