import type { JudgeAnswers, Entry, EntryOf } from '@/api/names'

/** Kinds of entries that answer a part. */
type AnswerKind = Extract<Entry, { part: string; design: string }>['kind']

/** One kind of entry of a part, as a device shows it while the server has not seen it. */
export interface Answer<E extends AnswerKind> {
  /** It in a few words. */
  describe: (entry: EntryOf<E>) => string
  /** Lays it on what is recorded of the part; `team` is whose sheet it is. */
  lay: (soFar: JudgeAnswers, entry: EntryOf<E>, team: string) => void
}

export type Answers<E extends AnswerKind> = { [K in E]: Answer<K> }
export type AllAnswers = Answers<AnswerKind>

/** Sets what was answered. */
export const set = (soFar: JudgeAnswers, asked: string, answer: string | number) =>
  void (soFar.answers[asked] = String(answer))

/** Counts on from what was counted. */
export const addTo = (soFar: JudgeAnswers, asked: string, n: number) =>
  set(soFar, asked, Number(soFar.answers[asked] ?? 0) + n)
