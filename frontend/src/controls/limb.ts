/** A limb that is about to be drawn in: metres, millimetres, degrees. */
export interface FreshLimb {
  at: number | null
  mm: number | null
  length: number | null
  rise: number
  bearing: number
}
export const freshLimb = (rise: number): FreshLimb => ({
  at: null,
  mm: null,
  length: null,
  rise,
  bearing: 180,
})
