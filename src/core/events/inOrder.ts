/** Text with numbers in their order: 2 before 10. */
const byNumber = new Intl.Collator('en', { numeric: true, sensitivity: 'base' }).compare;

/** Residents of a list by species and name, numbers in their order, the unnamed last as they came. */
export const inOrder = <T extends { readonly species: string; readonly name: string }>(
  residents: readonly T[],
): readonly T[] =>
  [...residents].sort(
    (a, b) =>
      byNumber(a.species, b.species) ||
      Number(a.name === '') - Number(b.name === '') ||
      byNumber(a.name, b.name),
  );
