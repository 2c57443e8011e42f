import { useDebounceFn, useEventListener, useManualRefHistory } from '@vueuse/core'
import { v7 } from 'uuid'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { api, ask, type Answer } from '../../api/client'
import type { Brief, BriefCheckup, Change, Difference, Problem } from '../../api/names'

export type SaveState = 'saved' | 'saving' | 'refused' | 'offline' | 'failed' | 'conflict'

/** Keeps a text in this browser; false where its store is full or closed. */
function keep(key: string, text: string) {
  try {
    localStorage.setItem(key, text)
    return true
  } catch {
    // Browsers refuse in their own ways; the page says that nothing is kept here until it is saved.
    return false
  }
}

/**
 * A brief while it is written: saved a moment after the last key, refused with its reasons, never lost. Every change is
 * kept in this browser at once, so that a window that is closed in mid-sentence goes on where it was.
 */
export function useDraft(id: string) {
  const brief = ref<Brief>()
  const checkup = ref<BriefCheckup>()
  const missing = ref<Answer<unknown>>()
  const state = ref<SaveState>('saved')
  const savedAt = ref<Date>()
  const kept = ref<Brief>()
  const refused = ref<readonly Problem[]>([])
  /** After a conflict: where the other window's brief (before) and this one (after) differ. */
  const conflict = ref<readonly Difference[]>([])
  const keptHere = `brief:${id}`
  /** Whether this browser keeps what is not saved yet; a full store does not. */
  const keepsHere = ref(true)
  const at = { params: { path: { id } } }
  /** Names this window to the server: what it saved itself, and missed the answer of, is no conflict with itself. */
  const editing = { 'Editing-Window': v7() }
  let etag = ''
  let lastSaved = ''
  let running = false

  const text = () => JSON.stringify(brief.value)
  const history = useManualRefHistory(brief, {
    capacity: 200,
    clone: (value) => (value === undefined ? undefined : (JSON.parse(JSON.stringify(value)) as Brief)),
  })
  /** Makes what was typed since the last step a step that can be gone back over. */
  const step = () => {
    if (JSON.stringify(history.last.value.snapshot) !== text()) history.commit()
  }

  async function open() {
    const [document, check] = await Promise.all([
      ask(api.GET('/api/briefs/{id}', at)),
      ask(api.GET('/api/briefs/{id}/check', at)),
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
    history.commit()
    history.clear()
    const left = JSON.parse(localStorage.getItem(keptHere) ?? 'null') as { etag: string; text: string } | null
    if (!left || left.text === lastSaved) return void localStorage.removeItem(keptHere)
    // Nothing was saved since these changes were made, so they go on from where they were.
    if (left.etag === etag) brief.value = JSON.parse(left.text) as Brief
    else kept.value = JSON.parse(left.text) as Brief
  }

  async function save() {
    const now = text()
    if (!brief.value || running || state.value === 'conflict' || now === lastSaved) return
    running = true
    state.value = 'saving'
    const answer = await ask(
      api.PUT('/api/briefs/{id}', { ...at, headers: { 'If-Match': etag, ...editing }, body: brief.value }),
    )
    running = false
    if (answer.ok) {
      etag = answer.etag
      lastSaved = now
      checkup.value = answer.data
      refused.value = []
      state.value = 'saved'
      savedAt.value = new Date()
      if (text() === now) localStorage.removeItem(keptHere)
      else void save()
    } else if (answer.offline) {
      state.value = 'offline'
    } else if (answer.status >= 500) {
      state.value = 'failed'
    } else if (answer.status === 412) {
      state.value = 'conflict'
      await compare()
    } else {
      state.value = 'refused'
      refused.value = answer.refusal.problems
    }
  }

  const soon = useDebounceFn(() => {
    step()
    void save()
  }, 350)
  watch(
    brief,
    () => {
      const now = text()
      if (now === lastSaved || !brief.value) return
      keepsHere.value = keep(keptHere, JSON.stringify({ etag, text: now }))
      void soon()
    },
    { deep: true },
  )
  const again = setInterval(() => ['offline', 'failed'].includes(state.value) && void save(), 3000)
  onBeforeUnmount(() => {
    clearInterval(again)
    void save()
  })
  useEventListener(window, 'pagehide', () => void save())

  async function compare() {
    const theirs = await ask(api.GET('/api/briefs/{id}', at))
    if (!theirs.ok || !brief.value) return
    const answer = await ask(api.POST('/api/drafts/differences', { body: { before: theirs.data, after: brief.value } }))
    if (answer.ok) conflict.value = answer.data
  }

  /** After a conflict: what stands here is saved over what the other window saved. */
  async function keepMine() {
    const theirs = await ask(api.GET('/api/briefs/{id}', at))
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
    lastSaved = text()
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

  /** Makes changes that the core has proposed; they can be undone like any other. */
  async function mend(changes: readonly Change[]) {
    if (!brief.value) return
    step()
    const answer = await ask(api.POST('/api/drafts/mended', { body: { brief: brief.value, changes: [...changes] } }))
    if (answer.ok) brief.value = answer.data
    else if (!answer.offline) refused.value = answer.refusal.problems
  }

  /** Brings back an older version; what stands now becomes a version too. */
  async function restore(revision: number) {
    await save()
    const answer = await ask(
      api.POST('/api/briefs/{id}/versions/{revision}/restored', {
        params: { path: { id, revision } },
        headers: { 'If-Match': etag },
      }),
    )
    if (answer.ok) await open()
  }

  const undo = () => {
    step()
    if (history.canUndo.value) history.undo()
  }
  const problems = computed(() => (refused.value.length > 0 ? refused.value : (checkup.value?.problems ?? [])))
  return {
    brief,
    checkup,
    problems,
    missing,
    state,
    keepsHere,
    savedAt,
    kept,
    conflict,
    open,
    keepMine,
    copyMine,
    takeTheirs,
    useKept,
    dropKept,
    mend,
    restore,
    undo,
    redo: history.redo,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
  }
}
