'use client';

import { useSearchParams } from 'next/navigation';
import { useTank, type TankView } from '@/session/react/useTanks';
import { NoTank } from '@/ui/NoTank';
import { PartNav } from '@/ui/PartNav';
import { Screen } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import { BuyPart } from './BuyPart';
import { CompanyPart } from './CompanyPart';
import { DraftsPart } from './DraftsPart';
import { FillPart } from './FillPart';
import { JoinsPart } from './JoinsPart';
import { ListPart } from './ListPart';
import { OddsPart } from './OddsPart';
import { useStock } from './useStock';

const PARTS = [
  ['list', 'The list'],
  ['company', 'Who with whom'],
  ['joins', 'What would join'],
  ['fill', 'Fill'],
  ['odds', 'Odds'],
  ['drafts', 'Drafts'],
  ['buy', 'To buy'],
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
            aria-label="To the verdict and its reasons"
          >
            <VerdictMark verdict={stock.assessment.verdict} />
          </a>
        )
      }
    >
      <PartNav
        label="Ways to look at the list"
        parts={PARTS}
        current={part}
        href={(id) => `/stock?tank=${tank.id}${id === 'list' ? '' : `&part=${id}`}`}
      />
      {part === 'list' && <ListPart tank={tank} stock={stock} />}
      {part === 'company' && <CompanyPart stock={stock} />}
      {part === 'joins' && <JoinsPart tank={tank} stock={stock} />}
      {part === 'fill' && <FillPart stock={stock} />}
      {part === 'odds' && <OddsPart stock={stock} />}
      {part === 'drafts' && <DraftsPart tank={tank} />}
      {part === 'buy' && <BuyPart tank={tank} stock={stock} />}
    </Screen>
  );
}
