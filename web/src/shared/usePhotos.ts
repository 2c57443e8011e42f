import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { useKept } from './useKept'

/** The photos of a rally, and whether more may be taken. */
export function usePhotos(rally: string) {
  const { data, load } = useKept(
    'albums',
    () => rally,
    () => ask(api.GET('/api/rallies/{id}/photos', { params: { path: { id: rally } } })),
  )
  void load()
  return {
    all: computed(() => data.value?.photos ?? []),
    mayTake: computed(() => data.value?.mayTake ?? false),
    workOnly: computed(() => data.value?.workOnly ?? []),
    load,
  }
}
