import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'

/** As long as it takes to see that what was under the finger has gone: a second. */
const steadyFor = 1000

/**
 * Holds back a press that was meant for something else. A pad grows and shrinks as it is answered, and what a judge
 * presses twice, or a moment too late, may lie elsewhere by then: for a second after each press, nothing is pressed
 * that has come to where the other thing lay.
 */
export function useSteady(root: Readonly<Ref<HTMLElement | null | undefined>>) {
  let last: { control: Element; box: DOMRect; at: number } | undefined
  const within = (box: DOMRect, { clientX: x, clientY: y }: MouseEvent) =>
    x >= box.left && x <= box.right && y >= box.top && y <= box.bottom
  useEventListener(
    root,
    'click',
    (event: MouseEvent) => {
      // A press by the keyboard, or by a label for its field, is meant for what it reaches.
      if (event.detail === 0) return
      const control = (event.target as Element).closest('button, a, input, select, summary, label')
      if (!control) return
      const before = last
      if (
        before &&
        control !== before.control &&
        event.timeStamp - before.at < steadyFor &&
        within(before.box, event)
      ) {
        event.preventDefault()
        event.stopImmediatePropagation()
        return
      }
      last = { control, box: control.getBoundingClientRect(), at: event.timeStamp }
    },
    { capture: true },
  )
}
