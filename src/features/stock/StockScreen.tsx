'use client';

import { useSearchParams } from 'next/navigation';
import { useTank, type TankView } from '@/session/react/useTanks';
import { NoTank } from '@/ui/NoTank';
import { PartNav } from '@/ui/PartNav';
import { Screen } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import { ShoppingPart } from './ShoppingPart';
import { CompatibilityPart } from './CompatibilityPart';
import { DraftsPart } from './DraftsPart';
import { StockingPart } from './StockingPart';
import { CandidatesPart } from './CandidatesPart';
import { ListPart } from './ListPart';
import { OddsPart } from './OddsPart';
import { useStock } from './useStock';

const PARTS = [
  ['list', 'List'],
  ['company', 'Compatibility'],
  ['joins', 'What could I add?'],
  ['fill', 'Stocking level'],
  ['odds', 'Sex odds'],
  ['drafts', 'Drafts'],
  ['buy', 'Shopping list'],
] as const;
type Part = (typeof PARTS)[number][0];

const isPart = (part: string | null): part is Part => PARTS.some(([id]) => id === part);

export function StockScreen() {
  const tank = useTank();
  return tank ? <StockList key={tank.id} tank={tank} /> : <NoTank title="Stock list" />;
}

/** The stock list of a tank, looked at in several ways. */
function StockList({ tank }: { readonly tank: TankView }) {
  const stock = useStock(tank);
  const wanted = useSearchParams().get('part');
  const part: Part = isPart(wanted) ? wanted : 'list';
  return (
    <Screen
      title={`Stock list of ${tank.body.name}`}
      actions={
        stock.lines.length > 0 && (
          <a
            href={part === 'list' ? '#verdict' : `/stock?tank=${tank.id}`}
            className={part === 'list' ? 'lg:hidden' : ''}
            aria-label="Stop or caution: read the reasons"
          >
            <VerdictMark verdict={stock.assessment.today} later={stock.assessment.later} />
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
      {part === 'company' && <CompatibilityPart stock={stock} />}
      {part === 'joins' && <CandidatesPart tank={tank} stock={stock} />}
      {part === 'fill' && <StockingPart stock={stock} />}
      {part === 'odds' && <OddsPart stock={stock} />}
      {part === 'drafts' && <DraftsPart tank={tank} />}
      {part === 'buy' && <ShoppingPart tank={tank} stock={stock} />}
    </Screen>
  );
}
