import { ref, watch, type Ref } from 'vue'
import { useHalfTyped, type Half } from './halfTyped'

/** What a text means: a value, or what is wrong with it. */
export type Meaning<T> = { value: T } | { problem: Half['problem'] }

/**
 * The text of a field that stands for a value. What is typed stays as typed; only a value that comes from elsewhere is
 * written again. A text that means nothing leaves the value as it was, is kept with the document, and says what would
 * do.
 */
export function useTyped<T>(of: {
  place: () => string
  value: Ref<T>
  write: (value: T) => string
  read: (text: string) => Meaning<T>
}) {
  const halves = useHalfTyped()
  const same = (a: T, b: T) => JSON.stringify(a) === JSON.stringify(b)
  const own = ref(halves.at(of.place())?.problem)
  const text = ref(halves.at(of.place())?.text ?? of.write(of.value.value))
  watch(of.value, (now) => {
    const meant = of.read(text.value)
    if ('value' in meant && same(meant.value, now)) return
    text.value = of.write(now)
    own.value = undefined
    halves.keep(of.place(), undefined)
  })
  function type(typed: string) {
    text.value = typed
    const meant = of.read(typed)
    own.value = 'problem' in meant ? meant.problem : undefined
    halves.keep(of.place(), 'problem' in meant ? { text: typed, problem: meant.problem } : undefined)
    if ('value' in meant && !same(meant.value, of.value.value)) of.value.value = meant.value
  }
  return { text, type, problem: own }
}
