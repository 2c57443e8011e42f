import type Sortable from 'sortablejs'
import { nextTick, onBeforeUnmount, watch, type Ref } from 'vue'

/**
 * Lets the items of a list be put in order by their grip: dragged with mouse or finger, or moved with the arrow keys.
 * The list itself is left alone; `move` changes what it is drawn from.
 */
export function useOrder(
  list: Readonly<Ref<HTMLElement | null>>,
  move: (from: number, to: number) => void,
  count: () => number,
) {
  let sortable: Sortable | undefined
  watch(
    list,
    async (element) => {
      sortable?.destroy()
      sortable = undefined
      if (!element) return
      // Dragging comes when the list is there already; without a line the arrow keys are left.
      const dragging = await import('sortablejs').catch(() => undefined)
      if (!dragging || list.value !== element) return
      sortable = dragging.default.create(element, {
        handle: '.grip',
        animation: matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 120,
        forceFallback: true,
        onEnd: ({ item, oldIndex, newIndex, from }) => {
          if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return
          // Put back where it was: the list is drawn anew from what it stands for.
          from.insertBefore(item, from.children[newIndex > oldIndex ? oldIndex : oldIndex + 1] ?? null)
          move(oldIndex, newIndex)
        },
      })
    },
    { flush: 'post', immediate: true },
  )
  onBeforeUnmount(() => sortable?.destroy())

  async function onKey(event: KeyboardEvent, at: number) {
    const to = event.key === 'ArrowUp' ? at - 1 : event.key === 'ArrowDown' ? at + 1 : at
    if (to === at || to < 0 || to >= count()) return
    event.preventDefault()
    move(at, to)
    await nextTick()
    list.value?.querySelectorAll<HTMLElement>(':scope > li > .grip, :scope > li > * > .grip')[to]?.focus()
  }
  return { onKey }
}
