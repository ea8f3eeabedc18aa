import { CatalogueScreen } from '@/features/catalogue/CatalogueScreen';

export default function Page() {
  return <CatalogueScreen />;
}
