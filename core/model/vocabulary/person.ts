export const PERSON_KINDS = ['adult', 'child', 'guest', 'dog', 'cat', 'other pet'] as const

export const MINDS = ['steps', 'sight', 'hearing', 'reach', 'allergies', 'climbs', 'naps by day'] as const
