import { useManualRefHistory } from '@vueuse/core'
import type { Ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Brief, Change } from '@/api/names'

/** The steps in which a brief is written: each can be gone back over, and forward again. */
export function useSteps(brief: Ref<Brief | undefined>) {
  const history = useManualRefHistory(brief, {
    capacity: 200,
    clone: (value) => (value === undefined ? undefined : (JSON.parse(JSON.stringify(value)) as Brief)),
  })
  /** Makes what was typed since the last step a step that can be gone back over. */
  const step = () => {
    if (JSON.stringify(history.last.value.snapshot) !== JSON.stringify(brief.value)) history.commit()
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
  /** Makes changes that the core has proposed, as a step; gives the refusal where it could not. */
  async function applyChanges(changes: readonly Change[]) {
    if (!brief.value) return undefined
    step()
    const answer = await ask(api.POST('/api/drafts/changed', { body: { brief: brief.value, changes: [...changes] } }))
    if (answer.ok) brief.value = answer.data
    return refusalOf(answer)
  }
  return { step, begin, applyChanges, undo, redo: history.redo, canUndo: history.canUndo, canRedo: history.canRedo }
}
