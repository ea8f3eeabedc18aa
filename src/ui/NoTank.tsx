import { Link } from '@/ui/Link';
import { useSearchParams } from 'next/navigation';
import { Empty, Screen } from './Screen';

/** What a tank's screen shows while the room has no tank, or not the one that the address names. */
export function NoTank({ title }: { readonly title: string }) {
  const wanted = useSearchParams().get('tank');
  const start = (words: string) => (
    <Link href="/" className="text-deep underline">
      {words}
    </Link>
  );
  return (
    <Screen title={title}>
      <Empty>
        {wanted ? (
          <>
            This room has no tank with that address. It may have been removed.{' '}
            {start('Choose a tank under Today')}.
          </>
        ) : (
          <>Add a tank first. {start('Add tank')}or start with the fish you want.</>
        )}
      </Empty>
    </Screen>
  );
}
