<script setup lang="ts">
import { useEventListener, useTimeoutFn } from '@vueuse/core'
import { defineAsyncComponent, ref } from 'vue'
import { isTyping } from './isTyping'
import { singleKeys } from './singleKeys'
import { useOnce } from './useOnce'

/** Shows the keys of the screen that is open, on `?`; with Alt also where single keys are switched off. */
const open = ref(false)
const asked = useOnce(() => open.value)
const list = () => import('./KeysList.vue')
const KeysList = defineAsyncComponent(list)
/** It is fetched once the page itself is there, so that it can be opened without a line too. */
useTimeoutFn(() => void list().catch(() => undefined), 10_000)
useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (event.altKey) document.documentElement.classList.add('by-keyboard')
  // No reading has a question mark in it.
  const inReading = event.target instanceof HTMLElement && event.target.matches('[data-reading]')
  if (event.key !== '?' || (!event.altKey && ((isTyping(event) && !inReading) || !singleKeys.value))) return
  event.preventDefault()
  open.value = true
})
/** Whoever goes on by finger does not need the keys on the buttons. */
useEventListener(document, 'pointerdown', (event: PointerEvent) => {
  if (event.pointerType === 'touch') document.documentElement.classList.remove('by-keyboard')
})
</script>

<template>
  <KeysList v-if="asked" v-model:open="open" />
</template>
