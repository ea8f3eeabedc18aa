import { RULES } from '@/core/rules';
import { everyOf } from './names';

type Table = (typeof RULES)[number]['severities'][number];

const tableOf = ({ about, rows, reason }: Table): string =>
  [
    `**${about}**`,
    '',
    '| When | Says |',
    '| --- | --- |',
    ...rows.map(
      ({ when, severity }) => `| ${rows.length === 1 ? 'always' : when} | ${severity ?? 'nothing'} |`,
    ),
    '',
    `Why: ${reason.charAt(0).toLowerCase()}${reason.slice(1)}`,
  ].join('\n');

/** All rules with their severity tables, as Markdown: what `docs/rules.md` holds. */
export const rulesPage = (): string =>
  [
    '# Rules',
    '',
    '`npm run docs` prints this page from the rules themselves. In each table the first row that holds decides. The rules and the names of files speak metric units; screens speak those of the keeper.',
    ...RULES.flatMap(({ name, severities, silentBeside = [] }) => [
      '',
      `## ${name}`,
      '',
      severities.map(tableOf).join('\n\n'),
      ...silentBeside.flatMap(({ rules, of, mild }) => [
        '',
        `${mild ? 'Notes and good marks are silent' : 'Silent'} beside ${everyOf(rules, 'or')} of ${of}, where that says as much or worse, as soon.`,
      ]),
    ]),
    '',
  ].join('\n');
