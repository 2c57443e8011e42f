import { useDebounceFn, useEventListener } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { api, ask, type Answer } from '../../api/client'
import type { Brief, BriefCheckup, Problem } from '../../api/names'

export type SaveState = 'saved' | 'saving' | 'refused' | 'offline' | 'conflict'

/**
 * A brief while it is written: saved a moment after the last key, refused with its reasons, never lost. What cannot be
 * saved is also kept in this browser and offered again when the brief is opened.
 */
export function useDraft(id: string) {
  const brief = ref<Brief>()
  const checkup = ref<BriefCheckup>()
  const missing = ref<Answer<unknown>>()
  const state = ref<SaveState>('saved')
  const savedAt = ref<Date>()
  const kept = ref<Brief>()
  const refused = ref<readonly Problem[]>([])
  const keptHere = `brief:${id}`
  let etag = ''
  let lastSaved = ''
  let running = false

  async function open() {
    const [document, check] = await Promise.all([
      ask(api.GET('/api/briefs/{id}', { params: { path: { id } } })),
      ask(api.GET('/api/briefs/{id}/check', { params: { path: { id } } })),
    ])
    if (!document.ok) return void (missing.value = document)
    if (!check.ok) return void (missing.value = check)
    missing.value = undefined
    etag = document.etag
    lastSaved = JSON.stringify(document.data)
    brief.value = document.data
    checkup.value = check.data
    refused.value = []
    state.value = 'saved'
    const left = localStorage.getItem(keptHere)
    if (left && left !== lastSaved) kept.value = JSON.parse(left) as Brief
  }

  async function save() {
    const text = JSON.stringify(brief.value)
    if (!brief.value || running || state.value === 'conflict' || text === lastSaved) return
    running = true
    state.value = 'saving'
    localStorage.setItem(keptHere, text)
    const answer = await ask(
      api.PUT('/api/briefs/{id}', { params: { path: { id } }, headers: { 'If-Match': etag }, body: brief.value }),
    )
    running = false
    if (answer.ok) {
      etag = answer.etag
      lastSaved = text
      checkup.value = answer.data
      refused.value = []
      state.value = 'saved'
      savedAt.value = new Date()
      localStorage.removeItem(keptHere)
      if (JSON.stringify(brief.value) !== text) void save()
    } else if (answer.offline) {
      state.value = 'offline'
    } else if (answer.status === 412) {
      state.value = 'conflict'
    } else {
      state.value = 'refused'
      refused.value = answer.refusal.problems
    }
  }

  const soon = useDebounceFn(save, 500)
  watch(brief, () => void soon(), { deep: true })
  const again = setInterval(() => state.value === 'offline' && void save(), 3000)
  onBeforeUnmount(() => {
    clearInterval(again)
    void save()
  })
  useEventListener(window, 'beforeunload', (event) => {
    if (brief.value && JSON.stringify(brief.value) !== lastSaved) event.preventDefault()
  })

  /** After a conflict: what stands here is saved over what the other window saved. */
  async function keepMine() {
    const theirs = await ask(api.GET('/api/briefs/{id}', { params: { path: { id } } }))
    if (!theirs.ok) return
    etag = theirs.etag
    state.value = 'saving'
    lastSaved = ''
    await save()
  }

  /** After a conflict: what stands here becomes a brief of its own; gives its id. */
  async function copyMine() {
    if (!brief.value) return undefined
    const answer = await ask(
      api.POST('/api/briefs', { body: { ...brief.value, title: `${brief.value.title} (my copy)` } }),
    )
    if (!answer.ok) return undefined
    localStorage.removeItem(keptHere)
    lastSaved = JSON.stringify(brief.value)
    return answer.data.id
  }

  /** After a conflict: what the other window saved. */
  async function takeTheirs() {
    localStorage.removeItem(keptHere)
    await open()
  }

  function useKept() {
    brief.value = kept.value
    kept.value = undefined
  }

  function dropKept() {
    kept.value = undefined
    localStorage.removeItem(keptHere)
  }

  const problems = computed(() => (refused.value.length > 0 ? refused.value : (checkup.value?.problems ?? [])))
  return {
    brief,
    checkup,
    problems,
    missing,
    state,
    savedAt,
    kept,
    open,
    keepMine,
    copyMine,
    takeTheirs,
    useKept,
    dropKept,
  }
}
