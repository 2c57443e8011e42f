import { refAutoReset, useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'

/** As long as it takes to see that what was under the finger has gone: a second. */
const steadyFor = 1000
/** As long as it takes to read that a press was held back. */
const saidFor = 3000

/**
 * Holds back a press that was meant for something else. A pad grows and shrinks as it is answered, and what a judge
 * presses twice, or a moment too late, may lie elsewhere by then: for a second after each press, nothing is pressed
 * that has come to where the other thing lay on the page. Who has typed or scrolled since means what is there now.
 * @returns Whether a press was held back just now, so that the judge is told and presses again.
 */
export function useSteady(root: Readonly<Ref<HTMLElement | null | undefined>>) {
  const heldBack = refAutoReset(false, saidFor)
  let last: { control: Element; left: number; top: number; width: number; height: number; at: number } | undefined
  const within = ({ pageX, pageY }: MouseEvent) =>
    last !== undefined &&
    pageX >= last.left &&
    pageX <= last.left + last.width &&
    pageY >= last.top &&
    pageY <= last.top + last.height
  useEventListener(root, 'input', () => (last = undefined), { capture: true })
  useEventListener(
    root,
    'click',
    (event: MouseEvent) => {
      // A press by the keyboard, or by a label for its field, is meant for what it reaches.
      if (event.detail === 0) return
      const control = (event.target as Element).closest('button, a, input, select, summary, label')
      if (!control) return
      if (last && control !== last.control && event.timeStamp - last.at < steadyFor && within(event)) {
        event.preventDefault()
        event.stopImmediatePropagation()
        heldBack.value = true
        return
      }
      const { left, top, width, height } = control.getBoundingClientRect()
      last = { control, left: left + scrollX, top: top + scrollY, width, height, at: event.timeStamp }
    },
    { capture: true },
  )
  return heldBack
}
