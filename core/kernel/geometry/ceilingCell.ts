import { dot, type Point } from './polygon.js'

/** Height over the plan: `at + slope · p`; mm. */
export interface Plane {
  readonly slope: Point
  readonly at: number
}

/** A convex part of a floor under one plane of the ceiling. */
export interface CeilingCell {
  readonly corners: readonly Point[]
  readonly plane: Plane
}

export const planeHeight = (plane: Plane, p: Point): number => plane.at + dot(plane.slope, p)
