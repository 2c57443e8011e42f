import type { Directive } from 'vue'

/** What each field was given last, or handed over last: what differs from it was typed since. */
const known = new WeakMap<HTMLInputElement, string>()
const show = (field: HTMLInputElement, text: string) => known.set(field, (field.value = text))
const handedOver = ({ target }: Event) => known.set(target as HTMLInputElement, (target as HTMLInputElement).value)

/**
 * The value of a field that is typed over. While somebody types in it a newer one waits, so that nothing half-typed is
 * lost to an answer that comes meanwhile.
 */
export const vTyped: Directive<HTMLInputElement, string | number | null | undefined> = {
  mounted(field, { value }) {
    show(field, String(value ?? ''))
    field.addEventListener('change', handedOver)
  },
  updated(field, { value }) {
    if (field !== document.activeElement || field.value === known.get(field)) show(field, String(value ?? ''))
  },
  unmounted: (field) => field.removeEventListener('change', handedOver),
}
