import { StockScreen } from '@/features/stock/StockScreen';

export default function Page() {
  return <StockScreen />;
}
