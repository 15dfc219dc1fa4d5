/** What a rule is held against: a job that violates it, and one that complies with it by as little as matters. */
export interface RuleExamples<Facts> {
  readonly violates: () => Facts
  readonly complies: () => Facts
}

/** The examples of each rule of a stage, by the rule's name. */
export type ExamplesByRule<Facts> = Readonly<Record<string, RuleExamples<Facts>>>
