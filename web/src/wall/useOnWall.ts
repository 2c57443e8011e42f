import { watch } from 'vue'
import type { Answer } from '@/api/client'
import type { RallyOnWall } from '@/api/names'
import { useRallyOnWall } from '@/shared/openRally'
import { useLoad } from '@/shared/useLoad'

/**
 * What a picture on the wall is of, and what makes it ask again: news, another round, another choice of the teacher's.
 */
interface OnWall {
  rally: RallyOnWall
  round: number
  tick: number
  shown?: unknown
}

/** What the wall shows of a rally, as the server lets it be seen. */
export function useOnWall<T>(
  props: Readonly<OnWall>,
  read: (params: {
    path: { id: string }
    query: { round: number }
    header: { announced: number | undefined }
  }) => Promise<Answer<T>>,
) {
  const { announced } = useRallyOnWall()
  const seen = useLoad(() =>
    read({ path: { id: props.rally.id }, query: { round: props.round }, header: { announced: announced.value } }),
  )
  watch([() => props.round, () => props.tick, () => props.shown], () => void seen.load(), { immediate: true })
  return seen
}
