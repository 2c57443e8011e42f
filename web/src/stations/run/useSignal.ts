import { useEventListener, useLocalStorage } from '@vueuse/core'
import { onBeforeUnmount, ref, watch, type Ref } from 'vue'
import type { LessonClock } from '@/api/names'

/** What is signalled to the class, and never by sound alone. */
export type Signal = 'warning' | 'over'
const seconds = 8

/**
 * Signals the warning and the end of a phase as they pass: a word over the whole screen, and a sound where it is on.
 */
export function useSignal(clock: Readonly<Ref<LessonClock | undefined>>, left: Readonly<Ref<number | undefined>>) {
  const shown = ref<Signal>()
  /** Minutes that were left at the warning that is shown. */
  const minutesLeft = ref(0)
  const sound = useLocalStorage('run:sound', true)
  /** Browsers let a page be heard only once somebody has touched it; the words over the screen come anyway. */
  const silent = ref(!navigator.userActivation.hasBeenActive)
  useEventListener(document, ['pointerup', 'keyup'], () => (silent.value = !navigator.userActivation.hasBeenActive))
  let context: AudioContext | undefined
  let timer: ReturnType<typeof setTimeout> | undefined

  function ring() {
    if (!navigator.userActivation.hasBeenActive) return
    context ??= new AudioContext()
    void context.resume()
    const at = context.currentTime
    for (const [i, pitch] of [660, 880, 660].entries()) {
      const tone = context.createOscillator()
      const volume = context.createGain()
      tone.frequency.value = pitch
      volume.gain.setValueAtTime(0, at + i * 0.28)
      volume.gain.linearRampToValueAtTime(0.25, at + i * 0.28 + 0.03)
      volume.gain.linearRampToValueAtTime(0, at + i * 0.28 + 0.25)
      tone.connect(volume).connect(context.destination)
      tone.start(at + i * 0.28)
      tone.stop(at + i * 0.28 + 0.26)
    }
  }
  function signal(what: Signal) {
    shown.value = what
    if (sound.value) ring()
    clearTimeout(timer)
    timer = setTimeout(() => (shown.value = undefined), seconds * 1000)
  }
  watch(left, (now, before) => {
    const phase = clock.value?.phase
    if (!phase || now === undefined || before === undefined || !clock.value?.ends || now > before) return
    // However far the time went at once: a moment after the mark is still worth a signal, later is not.
    const passed = (mark: number) => before > mark && now <= mark && mark - now < 5
    for (const warning of phase.warnings) {
      if (!passed(warning * 60)) continue
      minutesLeft.value = warning
      signal('warning')
    }
    if (passed(0)) signal('over')
  })
  watch(
    () => clock.value?.phase?.id,
    () => (shown.value = undefined),
  )
  onBeforeUnmount(() => {
    clearTimeout(timer)
    void context?.close()
  })
  return { shown, minutesLeft, sound, silent, ring }
}
