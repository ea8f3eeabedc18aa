import { RULES } from './everyRule';
import type { Rule } from './rule';

const BY_NAME: ReadonlyMap<string, Rule> = new Map(RULES.map((rule) => [rule.name, rule]));

/** What a rule says of itself: whom its findings are about, and why fish leave for them. */
export const ruleOf = (name: string): Pick<Rule, 'about' | 'leaveFor' | 'silentBeside'> =>
  BY_NAME.get(name) ?? {};
