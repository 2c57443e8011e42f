import { ref } from 'vue'

/** What was done last and can be undone by one touch. */
const last = ref<{ message: string; undo: () => Promise<void> }>()

/** Says on every page what was done, and offers to undo it; until something else is done, or another page is opened. */
export const offerUndo = (message: string, undo: () => Promise<void>) => (last.value = { message, undo })

/** What is offered, and how it is taken or closed. */
export const useUndo = () => ({ last, close: () => (last.value = undefined) })
