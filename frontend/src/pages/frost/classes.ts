/** Classes of frost damage, the worst first, in words. */
export const CLASSES = ['F6', 'F5', 'F4', 'F3', 'F2', 'F1', 'F0'] as const
export type FrostClass = (typeof CLASSES)[number]
export const CLASS_WORDS: Record<FrostClass, string> = {
  F6: 'dead to the union',
  F5: 'dead to the trunk',
  F4: 'limbs dead',
  F3: 'twigs dead',
  F2: 'leaves lost',
  F1: 'fruit or flush only',
  F0: 'not hurt',
}
