import { readonly, ref } from 'vue'

const text = ref('')
let end: ReturnType<typeof setTimeout> | undefined

/** What is read out to whoever does not see that it happened; for a moment only, so that it is not met again later. */
export const announced = readonly(text)

/** Has a screen reader say that something happened: a page came, an entry was recorded. */
export function announce(what: string) {
  clearTimeout(end)
  text.value = what
  end = setTimeout(() => (text.value = ''), 1_500)
}
