import type { HierarchyAnswer } from '@/workers/hierarchyWork';

/** Dominant fish and target with their shares, newcomers and their way. */
export function Standouts({
  answer: { ranking, contests, newcomers },
  nameOf,
}: {
  readonly answer: HierarchyAnswer;
  readonly nameOf: (id: string) => string;
}) {
  const share = (side: 'wins' | 'losses'): readonly [string, number] | null => {
    const top = [...ranking.ranked].sort((a, b) => b[side] - a[side])[0];
    return top && contests > 0 ? [top.id, top[side] / contests] : null;
  };
  const dominant = share('wins');
  const target = share('losses');
  const percent = (value: number): string => `${Math.round(value * 100)}%`;
  return (
    <>
      {dominant && target && (
        <p>
          <strong>{nameOf(dominant[0])}</strong> started <span className="fig">{percent(dominant[1])}</span>{' '}
          of the contests; <strong>{nameOf(target[0])}</strong> was the target in{' '}
          <span className="fig">{percent(target[1])}</span>.
        </p>
      )}
      {newcomers.map((one) => (
        <p key={one.id}>
          <strong>{nameOf(one.id)}</strong> arrived {one.days} days ago and has won {one.wins} and lost{' '}
          {one.losses}
          {one.ratings.length > 1
            ? `: from 1000 to ${Math.round(one.ratings.at(-1) ?? 1000)}, at worst ${Math.round(Math.min(...one.ratings))}.`
            : ': no contest yet, not ranked.'}
        </p>
      ))}
    </>
  );
}
