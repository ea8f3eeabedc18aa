import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { roveTo, useRove } from './useRove';

describe('roveTo', () => {
  it.each([
    ['ArrowDown', 3, 10, 1, 4],
    ['ArrowUp', 3, 10, 1, 2],
    ['ArrowUp', 0, 10, 1, 0],
    ['ArrowDown', 9, 10, 1, 9],
    ['Home', 7, 10, 1, 0],
    ['End', 2, 10, 1, 9],
    ['PageDown', 2, 30, 1, 12],
    ['PageDown', 25, 30, 1, 29],
    ['ArrowDown', 1, 10, 3, 4],
    ['ArrowRight', 1, 10, 3, 2],
    ['ArrowDown', 8, 10, 3, 8],
  ])('%s from %i of %i in %i columns leads to %i', (key, from, count, columns, to) =>
    expect(roveTo(key, from, count, columns)).toBe(to),
  );
  it('leaves other keys, and an empty list, alone', () => {
    expect(roveTo('ArrowRight', 0, 5)).toBeNull();
    expect(roveTo('a', 0, 5)).toBeNull();
    expect(roveTo('End', 0, 0)).toBeNull();
  });
});

function List({ count }: { readonly count: number }) {
  const rove = useRove(count, { first: 1 });
  return (
    <>
      <ul {...rove.keys}>
        {Array.from({ length: count }, (_, at) => (
          <li key={at} data-rove={at}>
            <button tabIndex={rove.tabIndexOf(at)}>change {at}</button>
            <button tabIndex={rove.tabIndexOf(at)}>remove {at}</button>
          </li>
        ))}
      </ul>
      <button>after</button>
    </>
  );
}

describe('useRove', () => {
  const at = () => document.activeElement?.textContent;
  it('is one row to Tab, and arrows walk the rows and what stands in them', async () => {
    render(<List count={5} />);
    await userEvent.tab();
    expect(at()).toBe('change 1');
    await userEvent.keyboard('{ArrowRight}{ArrowDown}');
    expect(at()).toBe('remove 2');
    await userEvent.keyboard('{ArrowLeft}{End}');
    expect(at()).toBe('change 4');
    await userEvent.tab();
    await userEvent.tab();
    expect(at()).toBe('after');
    await userEvent.tab({ shift: true });
    expect(at()).toBe('remove 4');
  });
  it('leads to a row that is there after rows have gone', async () => {
    const { rerender } = render(<List count={5} />);
    await userEvent.click(screen.getByText('change 4'));
    rerender(<List count={2} />);
    screen.getByText('after').focus();
    await userEvent.tab({ shift: true });
    expect(at()).toBe('remove 1');
  });
});
