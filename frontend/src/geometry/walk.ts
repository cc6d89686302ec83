/**
 * Which question of a walk comes next: read off the walk's own data, so that a phone without signal
 * can go on.
 */
import tell from 'words:app'
import type { Schemas } from '@/api/client'

export type WalkQuestion = Schemas['WalkQuestionOut']
export const LATER = 'later'

/** Answers as `question-answer` words, an open question that is answered also as itself. */
function given(questions: WalkQuestion[]): Set<string> {
  const words = new Set<string>()
  for (const q of questions) {
    for (const a of (q.given ?? '').split(' ').filter((a) => a && a !== LATER))
      words.add(`${q.id}-${a}`)
    if (q.given && q.given !== LATER) words.add(q.id)
  }
  return words
}

/** Whether a question is to be asked: a main question, or one that an answer opened. */
export function isOpen(question: WalkQuestion, questions: WalkQuestion[]): boolean {
  if (question.skipped) return false
  const words = given(questions)
  return question.after.length === 0 || question.after.some((a) => words.has(a))
}

/**
 * The first open question without an answer; null when all are answered, or an answer ends the
 * walk.
 */
export function nextQuestion(questions: WalkQuestion[]): string | null {
  const ended = questions.some((q) =>
    q.choices.some((c) => c.ends && (q.given ?? '').split(' ').includes(c.answer)),
  )
  return ended
    ? null
    : (questions.find((q) => q.given === null && isOpen(q, questions))?.id ?? null)
}

/** The question before one, among those that are open; null at the start. */
export function questionBefore(questions: WalkQuestion[], id: string | null): string | null {
  const open = questions.filter((q) => isOpen(q, questions))
  const at = id === null ? open.length : open.findIndex((q) => q.id === id)
  return open[at - 1]?.id ?? null
}

/** An answer in words: what was chosen, a number, or the limbs by name. */
export function answerWords(question: WalkQuestion): string {
  if (question.given === null || question.given === LATER) return tell('not-now')
  const parts = question.given.split(' ')
  if (question.kind === 'limbs')
    return parts
      .map((p) => question.limbs.find((l) => p.startsWith(`${l.limb}@`))?.name ?? p)
      .join(', ')
  return parts.map((p) => question.choices.find((c) => c.answer === p)?.says ?? p).join(', ')
}
