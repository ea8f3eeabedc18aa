import { Link } from '@/ui/Link';

/** The name of the app, which leads to Today. */
export function Wordmark() {
  return (
    <Link href="/" className="flex items-center gap-2 text-[1.0625rem] font-bold tracking-tight">
      <svg viewBox="0 0 24 18" width="22" height="17" aria-hidden="true">
        <path d="M1 1v16h22V1" fill="none" stroke="currentColor" strokeWidth="2" />
        <path d="M1 7c4-2.500 7 2.500 11 0s7-2.500 11 0" fill="none" stroke="var(--deep)" strokeWidth="2" />
      </svg>
      Lomvik
    </Link>
  );
}
