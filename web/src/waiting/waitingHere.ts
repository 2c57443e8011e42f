import { useIntervalFn } from '@vueuse/core'
import { computed, shallowReactive, shallowRef } from 'vue'
import { deviceStore } from '@/shared/deviceStore'
import { unreadDrafts } from '@/shared/keptDraft'
import { dropOldTaken } from '@/shared/takenHere'
import { thisBrowser } from '@/shared/thisBrowser'
import { boxOf } from '@/shared/useOutbox'
import { photosOf } from '@/shared/usePhotoQueue'

/** The rallies for which something has waited on this device since this window was opened. */
const rallies = shallowReactive(new Set<string>())
const boxes = computed(() => [...rallies].map((rally) => ({ rally, outbox: boxOf(rally), photos: photosOf(rally) })))

/** What waits on this device, rally by rally. */
export const waitingHere = computed(() =>
  boxes.value.filter(({ outbox, photos }) => outbox.unsent.value.length + photos.waiting.value.length > 0),
)
/** What was typed in an earlier version of the program and is not understood any more. */
export const unread = shallowRef(unreadDrafts())
export function discardUnread(key: string) {
  thisBrowser.drop(key)
  unread.value = unreadDrafts()
}

/** How much waits on this device: results, photos, and texts of an earlier version. */
export const waitingCount = computed(() =>
  waitingHere.value.reduce(
    (sum, { outbox, photos }) => sum + outbox.unsent.value.length + photos.waiting.value.length,
    unread.value.length,
  ),
)

/** A rally whose outbox is open sends what it has; one that is only in the store is looked up this often. */
const seldom = 5_000

async function look() {
  unread.value = unreadDrafts()
  const db = await deviceStore()
  for (const queue of ['unsent', 'photos'] as const) {
    let at = await db?.transaction(queue).store.index('rally').openKeyCursor(null, 'nextunique')
    for (; at; at = await at.continue()) rallies.add(at.key)
  }
}

/** Sends what waits on this device, whatever page is open. For the application alone. */
export function useWaitingHere() {
  dropOldTaken()
  void look()
  useIntervalFn(() => void look(), seldom)
}
