import type { JobSnapshot } from '../../model/snapshot.js'
import { example } from './example.js'

export const rented = (more: Partial<JobSnapshot>) => {
  const facts = example({})
  return example({ schools: { ...facts.job.schools, tenure: 'rented' }, ...more })
}
