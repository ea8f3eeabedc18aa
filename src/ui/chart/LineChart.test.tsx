import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LineChart } from './LineChart';
import { tableOf, type ChartLine } from './lines';

const measured: ChartLine = {
  label: 'measured',
  ink: 'deep',
  points: [
    { x: 3, y: 12.25 },
    { x: 0, y: 10 },
  ],
};
const expected: ChartLine = { label: 'expected', ink: 'slate', points: [{ x: 7, y: 20 }] };
const x = { label: 'days' };
const y = { label: 'mg/L', write: (value: number) => `${value} mg/L` };

describe('a chart of lines', () => {
  it('has a table in order of place, blank where a line says nothing', () =>
    expect(tableOf({ lines: [measured, expected], x, y })).toEqual([
      ['0', '10 mg/L', ''],
      ['3', '12.25 mg/L', ''],
      ['7', '', '20 mg/L'],
    ]));
  it('shows the table where it is asked for', async () => {
    render(<LineChart label="Nitrate" lines={[measured, expected]} x={x} y={y} />);
    expect(await screen.findByText('drawn: Nitrate')).toBeInTheDocument();
    expect(screen.queryByRole('table')).toBeNull();
    await userEvent.click(screen.getByText('as a table'));
    const rows = within(await screen.findByRole('table')).getAllByRole('row');
    expect(rows.map((row) => row.textContent)).toEqual([
      'daysmeasuredexpected',
      '010 mg/L',
      '312.25 mg/L',
      '720 mg/L',
    ]);
  });
  it('shows the last rows of very many, and says so', async () => {
    const many: ChartLine = {
      label: 'rating',
      ink: 'deep',
      points: Array.from({ length: 450 }, (_, i) => ({ x: i, y: i })),
    };
    render(<LineChart label="Rank" lines={[many]} x={x} y={{ label: '' }} />);
    await userEvent.click(screen.getByText('as a table'));
    expect(await screen.findByText('The last 200 of 450 rows.')).toBeInTheDocument();
    expect(screen.getAllByRole('row')).toHaveLength(201);
  });
});
