import { and, eq } from 'drizzle-orm'
import * as t from '../database/schema.js'

/** Joins each item to the option chosen for it. */
export const isChosenOption = and(
  eq(t.option.studioId, t.item.studioId),
  eq(t.option.jobId, t.item.jobId),
  eq(t.option.id, t.item.chosenOptionId),
)
