import { useManualRefHistory } from '@vueuse/core'
import { toRaw, type Ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Brief, Change, Refusal } from '@/api/names'
import { lookUp } from '@/fields/place'
import { copyOf } from '@/shared/copyOf'

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
/** The changes without those at places that say something else by now: what was typed last is what is meant. */
const stillMeant = (changes: readonly Change[], since: Brief, now: Brief) =>
  changes.filter((c) => c.kind !== 'set' || c.tier || same(lookUp(since, c.at), lookUp(now, c.at)))

/** The steps in which a brief is written: each can be gone back over, and forward again. */
export function useSteps(brief: Ref<Brief | undefined>) {
  const history = useManualRefHistory(brief, {
    capacity: 200,
    clone: (value) => (value === undefined ? undefined : copyOf(toRaw(value))),
  })
  /** Makes what was typed since the last step a step that can be gone back over. */
  const step = () => {
    if (!same(toRaw(history.last.value.snapshot), toRaw(brief.value))) history.commit()
  }
  /** From here on; nothing before can be gone back to. */
  const begin = () => {
    history.commit()
    history.clear()
  }
  const undo = () => {
    step()
    if (history.canUndo.value) history.undo()
  }
  /**
   * Makes changes that the core has proposed, as a step; gives the refusal where it could not. What is typed while an
   * answer is on its way stays: the changes are made once more, to what stands then.
   * @param since The brief that the changes were proposed for, where the teacher could write on meanwhile.
   */
  async function applyChanges(changes: readonly Change[], since?: Brief): Promise<Refusal | undefined> {
    const now = brief.value
    if (!now) return undefined
    step()
    const body = copyOf({ brief: now, changes: since ? stillMeant(changes, since, now) : [...changes] })
    const answer = await ask(api.POST('/api/drafts/changed', { body }))
    if (!answer.ok) return refusalOf(answer)
    if (!same(brief.value, body.brief)) return applyChanges(body.changes, body.brief)
    brief.value = answer.data
    return undefined
  }
  return { step, begin, applyChanges, undo, redo: history.redo, canUndo: history.canUndo, canRedo: history.canRedo }
}
