import { Link } from '@/ui/Link';
import { Empty, Screen } from '@/ui/Screen';

/** An address that leads nowhere: what it offers instead. */
export default function NotFound() {
  return (
    <Screen title="Nothing is at this address">
      <Empty>
        The link may be old or mistyped. Your room is as it was.{' '}
        <Link href="/" className="text-deep underline">
          Today
        </Link>{' '}
        shows what is due;{' '}
        <Link href="/catalogue" className="text-deep underline">
          Catalogue
        </Link>{' '}
        lists the species;{' '}
        <Link href="/files" className="text-deep underline">
          Files
        </Link>{' '}
        opens a saved room.
      </Empty>
    </Screen>
  );
}
