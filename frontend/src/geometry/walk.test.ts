import { describe, expect, it } from 'vitest'
import { answerWords, nextQuestion, questionBefore, type WalkQuestion } from './walk'

const question = (
  id: string,
  given: string | null,
  more: Partial<WalkQuestion> = {},
): WalkQuestion => ({
  id,
  step: id,
  kind: 'one',
  asks: id,
  help: '',
  after: [],
  low: 0,
  high: 0,
  skipped: null,
  notes: [],
  limbs: [],
  given,
  given_id: null,
  choices: [
    { answer: 'none', says: 'None', alone: true, ends: false },
    { answer: 'shoot', says: 'A shoot', alone: false, ends: false },
    { answer: 'wasps', says: 'Wasps', alone: false, ends: true },
  ],
  ...more,
})
const follow = (given: string | null) => question('outcome', given, { after: ['below-shoot'] })

describe('the next question', () => {
  it('follows an answer only where that answer was given', () => {
    expect(nextQuestion([question('below', 'none'), follow(null), question('dead', null)])).toBe(
      'dead',
    )
    expect(nextQuestion([question('below', 'shoot'), follow(null), question('dead', null)])).toBe(
      'outcome',
    )
    expect(
      nextQuestion([question('below', 'shoot'), follow('none'), question('dead', 'none')]),
    ).toBeNull()
  })
  it('leaves out what does not apply and stops where an answer ends the walk', () => {
    const reason = { code: 'x', text: '', used: {}, catalogue_ids: [] }
    expect(
      nextQuestion([question('union', null, { skipped: reason }), question('dead', null)]),
    ).toBe('dead')
    expect(nextQuestion([question('before', 'wasps'), question('dead', null)])).toBeNull()
  })
  it('goes back over open questions only, also from the end', () => {
    const asked = [question('below', 'none'), follow(null), question('dead', 'none')]
    expect(questionBefore(asked, 'dead')).toBe('below')
    expect(questionBefore(asked, null)).toBe('dead')
    expect(questionBefore(asked, 'below')).toBeNull()
  })
  it('says an answer in words', () => {
    expect(answerWords(question('below', 'none shoot'))).toBe('None, A shoot')
    const limb = {
      limb: 'e',
      name: 'east limb',
      keep_m: 0,
      share: 0.1,
      fruit: 0,
      wound_mm: 20,
      why: null,
    }
    expect(
      answerWords(question('rub', 'e@0.25', { kind: 'limbs', limbs: [limb], choices: [] })),
    ).toBe('east limb')
  })
})
