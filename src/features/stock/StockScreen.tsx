'use client';

import dynamic from 'next/dynamic';
import { useTank, type TankView } from '@/session/react/useTanks';
import { NoTank } from '@/ui/NoTank';
import { PartNav } from '@/ui/PartNav';
import { usePart } from '@/ui/usePart';
import { Screen } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import { ListPart } from './ListPart';
import { useStock } from './useStock';

// The list is there at once; what is looked at less comes after the page.
const CandidatesPart = dynamic(() => import('./CandidatesPart').then((file) => file.CandidatesPart), {
  ssr: false,
});
const CareSheetPart = dynamic(() => import('./CareSheetPart').then((file) => file.CareSheetPart), {
  ssr: false,
});
const CompatibilityPart = dynamic(
  () => import('./CompatibilityPart').then((file) => file.CompatibilityPart),
  { ssr: false },
);
const DraftsPart = dynamic(() => import('./DraftsPart').then((file) => file.DraftsPart), { ssr: false });
const HowManyPart = dynamic(() => import('./HowManyPart').then((file) => file.HowManyPart), { ssr: false });
const OddsPart = dynamic(() => import('./OddsPart').then((file) => file.OddsPart), { ssr: false });
const ShoppingPart = dynamic(() => import('./ShoppingPart').then((file) => file.ShoppingPart), {
  ssr: false,
});
const StockingPart = dynamic(() => import('./StockingPart').then((file) => file.StockingPart), {
  ssr: false,
});

const PARTS = [
  ['list', 'List'],
  ['compatibility', 'Compatibility'],
  ['candidates', 'What could I add?'],
  ['numbers', 'How many?'],
  ['stocking', 'Stocking level'],
  ['odds', 'Sex odds'],
  ['drafts', 'Drafts'],
  ['shopping', 'Shopping list'],
  ['care', 'Care sheet'],
] as const;
/** Parts that are sheets of their own on paper. */
const TITLES: Partial<Record<(typeof PARTS)[number][0], string>> = {
  shopping: 'Shopping list',
  care: 'Care sheet',
};
/** Parts by the names that their addresses had before. */
const FORMER = { company: 'compatibility', joins: 'candidates', fill: 'stocking', buy: 'shopping' } as const;

export function StockScreen() {
  const tank = useTank();
  return tank ? <StockList key={tank.id} tank={tank} /> : <NoTank title="Stock list" />;
}

/** The stock list of a tank, looked at in several ways. */
function StockList({ tank }: { readonly tank: TankView }) {
  const stock = useStock(tank);
  const part = usePart(PARTS, FORMER);
  return (
    <Screen
      title={`${TITLES[part] ?? 'Stock list'} of ${tank.body.name}`}
      actions={
        stock.lines.length > 0 && (
          <a
            href={part === 'list' ? '#verdict' : `/stock?tank=${tank.id}`}
            className={part === 'list' ? 'sr-only focus:not-sr-only' : 'inline-flex min-h-8 items-center'}
          >
            <VerdictMark verdict={stock.assessment.today} later={stock.assessment.later} />
            <span className="sr-only">: read the reasons</span>
          </a>
        )
      }
    >
      <PartNav
        label="Parts of Stock list"
        parts={PARTS}
        current={part}
        href={(id) => `/stock?tank=${tank.id}${id === 'list' ? '' : `&part=${id}`}`}
      />
      {part === 'list' && <ListPart tank={tank} stock={stock} />}
      {part === 'compatibility' && <CompatibilityPart stock={stock} />}
      {part === 'candidates' && <CandidatesPart tank={tank} stock={stock} />}
      {part === 'numbers' && <HowManyPart tank={tank} stock={stock} />}
      {part === 'stocking' && <StockingPart stock={stock} />}
      {part === 'odds' && <OddsPart stock={stock} />}
      {part === 'drafts' && <DraftsPart tank={tank} />}
      {part === 'care' && <CareSheetPart key={tank.id} tank={tank} stock={stock} />}
      {part === 'shopping' && <ShoppingPart tank={tank} stock={stock} />}
    </Screen>
  );
}
