import Link from 'next/link';
import { Empty, Screen } from './Screen';

/** What a tank's screen shows while the room has no tank. */
export function NoTank({ title }: { readonly title: string }) {
  return (
    <Screen title={title}>
      <Empty>
        There is no tank yet.{' '}
        <Link href="/" className="text-deep underline">
          Start in the room
        </Link>
        : with the fish you want, or with the tank you have.
      </Empty>
    </Screen>
  );
}
