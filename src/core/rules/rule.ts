import type { RuleContext } from './context';
import type { Finding } from './finding';

/** One rule of compatibility: it looks at a plan and says what it finds. It knows no other rule. */
export interface Rule {
  readonly name: string;
  readonly judge: (context: RuleContext) => readonly Finding[];
}
