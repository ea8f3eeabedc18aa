import { OrderScreen } from '@/features/order/OrderScreen';

export default function Page() {
  return <OrderScreen />;
}
