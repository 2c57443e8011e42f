import { useManualRefHistory } from '@vueuse/core'
import type { Ref } from 'vue'
import type { Brief } from '@/api/names'

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
  return { step, begin, undo, redo: history.redo, canUndo: history.canUndo, canRedo: history.canRedo }
}
