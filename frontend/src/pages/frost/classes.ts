/** Classes of frost damage, the worst first, in words. */
import tell from 'words:frost'
export const CLASSES = ['F6', 'F5', 'F4', 'F3', 'F2', 'F1', 'F0'] as const
export type FrostClass = (typeof CLASSES)[number]
export const CLASS_WORDS: Record<FrostClass, string> = {
  get F6() {
    return tell('dead-to-the-union')
  },
  get F5() {
    return tell('dead-to-the-trunk')
  },
  get F4() {
    return tell('limbs-dead')
  },
  get F3() {
    return tell('twigs-dead')
  },
  get F2() {
    return tell('leaves-lost')
  },
  get F1() {
    return tell('fruit-or-flush-only')
  },
  get F0() {
    return tell('not-hurt-2')
  },
}
