import { computed } from 'vue'
import { api, ask } from '../api/client'
import { useLoad } from './useLoad'

/** The photos of a rally. */
export function usePhotos(rally: string) {
  const { data, load } = useLoad(() => ask(api.GET('/api/rallies/{id}/photos', { params: { path: { id: rally } } })))
  void load()
  return { all: computed(() => data.value?.photos ?? []), mayTake: computed(() => data.value?.mayTake ?? false), load }
}
