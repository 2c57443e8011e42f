import { useDebounceFn, useEventListener } from '@vueuse/core'
import { v7 } from 'uuid'
import { computed, onBeforeUnmount, ref, toRaw, watch } from 'vue'
import { api, ask, type Answer } from '@/api/client'
import type { Brief, BriefCheckup, Change, Problem, Snag } from '@/api/names'
import type { Halves } from '@/fields/halfTyped'
import { takeFrom } from '@/fields/place'
import { keptDraft, type KeptDraft } from '@/shared/keptDraft'
import type { BriefTyped } from './briefTyped'
import type { Meanwhile } from '@/shared/useMeanwhile'
import { useSteps } from './useSteps'
import { done } from '@/shared/useDone'

export type SaveState = 'saved' | 'saving' | 'refused' | 'offline' | 'failed' | 'conflict'

/**
 * A brief while it is written: saved a moment after the last key, refused with its reasons, never lost. Every change is
 * kept in this browser at once, so that a window that is closed in mid-sentence goes on where it was.
 */
export function useBriefDraft(id: string) {
  const brief = ref<Brief>()
  const checkup = ref<BriefCheckup>()
  const missing = ref<Answer<unknown>>()
  const state = ref<SaveState>('saved')
  const savedAt = ref<Date>()
  /** What an earlier window left that was never saved, while the brief has been changed since. */
  const kept = ref<KeptDraft<BriefTyped>>()
  /** What stands in fields and is no value yet. */
  const halves = ref<Halves>({})
  const refused = ref<readonly Problem[]>([])
  /** After a conflict: where the other window's brief (before) and this one (after) differ. */
  const conflict = ref<Meanwhile>()
  const store = keptDraft<BriefTyped>(`brief:${id}`, () => ({ text: '', halves: {} }))
  const at = { params: { path: { id } } }
  /** Names this window to the server: what it saved itself, and missed the answer of, is no conflict with itself. */
  const editing = { 'Editing-Window': v7() }
  let etag = ''
  let lastSaved = ''
  let lastRefused = ''
  let running = false

  /** Read past what watches it: this is wanted after every key, and a watched brief takes many times as long. */
  const text = () => JSON.stringify(toRaw(brief.value))
  const { step, ...steps } = useSteps(brief)

  async function open() {
    const [document, check] = await Promise.all([
      ask(api.GET('/api/briefs/{id}', at)),
      ask(api.GET('/api/briefs/{id}/check', at)),
    ])
    if (!document.ok) return void (missing.value = document)
    if (!check.ok) return void (missing.value = check)
    missing.value = undefined
    conflict.value = undefined
    etag = document.etag
    lastSaved = JSON.stringify(document.data)
    brief.value = document.data
    checkup.value = check.data
    refused.value = []
    state.value = 'saved'
    steps.begin()
    const left = store.read()
    if (!left || isSaved(left.value)) return void store.drop()
    // Nothing was saved since these changes were made, so they go on from where they were.
    if (left.base !== etag && left.value.text !== lastSaved) return void (kept.value = left)
    take(left.value)
  }
  const isSaved = (typed: BriefTyped) => typed.text === lastSaved && Object.keys(typed.halves).length === 0
  function take(typed: BriefTyped) {
    halves.value = typed.halves
    brief.value = JSON.parse(typed.text) as Brief
  }

  /** Keeps what stands here for when this window is gone, as long as it is not all saved. */
  function keepHere(now = text()) {
    const typed = { text: now, halves: halves.value }
    if (isSaved(typed)) store.drop()
    else store.keep(etag, typed)
  }

  const put = (document: Brief) =>
    ask(api.PUT('/api/briefs/{id}', { ...at, headers: { 'If-Match': etag, ...editing }, body: document }))

  /** The brief with what was refused as it was last saved; undefined where it cannot be told apart. */
  function withoutRefused(now: string, problems: readonly Problem[]) {
    const rest = JSON.parse(now) as Brief
    const before = JSON.parse(lastSaved) as Brief
    return problems.length > 0 && problems.every((p) => takeFrom(rest, before, p.at)) ? rest : undefined
  }

  let saving = Promise.resolve()
  const save = () => (running ? saving : (saving = saveAll()))
  /** Waits until what stands here is saved, since the next page may read it; not for a line that is slow. */
  const settle = () => Promise.race([saving.then(save), new Promise<void>((go) => setTimeout(go, 2_000))])

  async function saveAll() {
    const now = text()
    if (!brief.value || state.value === 'conflict' || now === lastSaved || now === lastRefused) return
    running = true
    state.value = 'saving'
    let sent = now
    let answer = await put(brief.value)
    lastRefused = ''
    refused.value = []
    if (!answer.ok && !answer.offline && answer.status < 500 && answer.status !== 412) {
      refused.value = answer.refusal.problems
      lastRefused = now
      // What is wrong in one field does not stop the rest from being saved.
      const rest = withoutRefused(now, answer.refusal.problems)
      sent = JSON.stringify(rest)
      if (rest && sent !== lastSaved) answer = await put(rest)
    }
    running = false
    if (answer.ok) {
      etag = answer.etag
      lastSaved = sent
      checkup.value = answer.data
      state.value = 'saved'
      savedAt.value = new Date()
      keepHere()
    } else if (answer.offline) {
      state.value = 'offline'
    } else if (answer.status >= 500) {
      state.value = 'failed'
    } else if (answer.status === 412) {
      state.value = 'conflict'
      const { title, differences } = answer.refusal
      conflict.value = { title: title ?? '', differences: differences ?? [], keep: keepMine }
    } else {
      state.value = 'refused'
    }
    // What was typed while the answer was on its way; a cut line tries again by itself, a conflict waits for a choice.
    if ((state.value === 'saved' || state.value === 'refused') && text() !== now) void save()
  }

  const soon = useDebounceFn(() => {
    step()
    void save()
  }, 350)
  watch(
    brief,
    () => {
      if (!brief.value) return
      const now = text()
      keepHere(now)
      if (now !== lastSaved) void soon()
    },
    { deep: true },
  )
  watch(halves, () => keepHere())
  const again = setInterval(() => ['offline', 'failed'].includes(state.value) && void save(), 3000)
  onBeforeUnmount(() => {
    clearInterval(again)
    void save()
  })
  useEventListener(window, 'pagehide', () => void save())

  /** After a conflict: what stands here is saved over what the other window saved. */
  async function keepMine() {
    const theirs = await done(api.GET('/api/briefs/{id}', at))
    if (!theirs.ok) return
    etag = theirs.etag
    lastSaved = JSON.stringify(theirs.data)
    state.value = 'saved'
    conflict.value = undefined
    await save()
  }

  /** After a conflict: what stands here becomes a brief of its own; gives its id. */
  async function copyMine() {
    if (!brief.value) return undefined
    const answer = await done(
      api.POST('/api/briefs', { body: { ...brief.value, title: `${brief.value.title} (my copy)` } }),
    )
    if (!answer.ok) return undefined
    store.drop()
    lastSaved = text()
    return answer.data.id
  }

  /** After a conflict: what the other window saved. */
  async function takeTheirs() {
    halves.value = {}
    store.drop()
    await open()
  }

  function useKept() {
    if (kept.value) take(kept.value.value)
    kept.value = undefined
  }

  function dropKept() {
    kept.value = undefined
    store.drop()
  }

  /** Makes changes that the core has proposed; they can be undone like any other. */
  async function applyChanges(changes: readonly Change[], since?: Brief) {
    const refusal = await steps.applyChanges(changes, since)
    if (refusal && refusal.problems.length > 0) refused.value = refusal.problems
  }

  /** Brings back an older version; what stands now becomes a version too. */
  async function restore(revision: number) {
    await save()
    const answer = await done(
      api.POST('/api/briefs/{id}/versions/{revision}/restored', {
        params: { path: { id, revision } },
        headers: { 'If-Match': etag },
      }),
    )
    if (answer.ok) await open()
  }

  /** What stands on the page and is not saved: what a field cannot take, and what the server refuses. */
  const unsaved = computed((): readonly Problem[] => [
    ...Object.entries(halves.value).map(([at, { problem }]) => ({ at, ...problem, severity: 'error' as const })),
    ...refused.value,
  ])
  /** What stops this brief, also in what is saved. */
  const problems = computed(() => [...unsaved.value, ...(checkup.value?.problems ?? [])])
  const snags = computed((): readonly Snag[] => [
    ...unsaved.value.map((p): Snag => ({
      id: 'unsaved',
      weight: 'stops',
      at: p.at,
      what: p.what,
      why: p.remedy,
      tier: '',
      key: `unsaved ${p.at}`,
    })),
    ...(checkup.value?.snags ?? []),
  ])
  return {
    brief,
    checkup,
    unsaved,
    problems,
    snags,
    halves,
    missing,
    state,
    savedAt,
    kept,
    conflict,
    open,
    settle,
    copyMine,
    takeTheirs,
    useKept,
    dropKept,
    applyChanges,
    restore,
    undo: steps.undo,
    redo: steps.redo,
    canUndo: steps.canUndo,
    canRedo: steps.canRedo,
  }
}
