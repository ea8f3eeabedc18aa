import { untilThen, VERDICTS } from '@/words/en';

/** The words on the screen for the severities of a finding. */
export const SEVERITY_WORDS = { stop: 'stop', caution: 'caution', note: 'note', good: 'good' } as const;
export type SeverityName = keyof typeof SEVERITY_WORDS;

const COLOURS = { stop: 'text-buoy', caution: 'text-lamp', note: 'text-slate', good: 'text-kelp' } as const;

function Shape({ severity }: { readonly severity: SeverityName }) {
  switch (severity) {
    case 'stop':
      return (
        <>
          <path d="M1 3h10v6H1z" fill="currentColor" />
          <path d="M1 12h10" stroke="currentColor" strokeWidth="1.6" />
        </>
      );
    case 'caution':
      return (
        <>
          <path d="M1 3h10v6H1z" fill="none" stroke="currentColor" strokeWidth="1.4" />
          <path d="M1 9V3h5v6z" fill="currentColor" />
        </>
      );
    case 'note':
      return <path d="M1 6h10M1 9.500h6" stroke="currentColor" strokeWidth="1.4" fill="none" />;
    case 'good':
      return (
        <path
          d="M1 8.500c2-4 3.500-4 5-1.200S9.500 9.500 11 4"
          stroke="currentColor"
          strokeWidth="1.600"
          fill="none"
        />
      );
  }
}

/** Severity as a mark and a word; colour only repeats it. */
export function SeverityMark({
  severity,
  bare = false,
}: {
  readonly severity: SeverityName;
  readonly bare?: boolean;
}) {
  return (
    <span className={`inline-flex items-center gap-1.5 font-semibold ${COLOURS[severity]}`}>
      <svg viewBox="0 0 12 14" width="12" height="14" aria-hidden="true">
        <Shape severity={severity} />
      </svg>
      <span className={bare ? 'sr-only' : undefined}>{SEVERITY_WORDS[severity]}</span>
    </span>
  );
}

const MARKS = { stop: 'stop', caution: 'caution', fits: 'good' } as const;

/** The verdict on a whole list today, and until when it holds: never a bare "Fits" over later stops. */
export function VerdictMark({
  verdict,
  later = null,
  small = false,
}: {
  readonly verdict: keyof typeof MARKS;
  readonly later?: { readonly from: string; readonly verdict: keyof typeof MARKS } | null;
  readonly small?: boolean;
}) {
  const severity = MARKS[verdict];
  return (
    <span
      className={`inline-flex items-center gap-1.5 ${COLOURS[severity]} ${small ? 'text-[0.75rem]' : 'text-[1.25rem]'} font-semibold`}
    >
      <svg viewBox="0 0 12 14" width={small ? 11 : 18} height={small ? 13 : 21} aria-hidden="true">
        <Shape severity={severity} />
      </svg>
      {VERDICTS[verdict]}
      {later && ` ${untilThen(later)}`}
    </span>
  );
}
