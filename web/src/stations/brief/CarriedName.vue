<script setup lang="ts">
import { ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Brief, Fix } from '@/api/names'
import { useWriting } from '@/fields/writing'

/** A field with a name: where it is renamed and the old name is still said, one touch says the new one there too. */
const props = defineProps<{ brief: Brief; name: string }>()
const { applyChanges } = useWriting()
let was: string | undefined
const offer = ref<Fix>()

async function renamed() {
  const now = props.name
  offer.value = undefined
  // A name that is only cleared is about to be another one.
  if (!now) return
  if (!was || was === now) return void (was = undefined)
  const answer = await ask(api.POST('/api/drafts/name', { body: { brief: props.brief, was, now } }))
  if (!answer.ok || now !== props.name) return
  // There is nothing in the answer where nothing says the old name.
  if (answer.data) offer.value = answer.data
  else was = undefined
}
function leave() {
  was = undefined
  offer.value = undefined
}
async function carry() {
  if (offer.value) await applyChanges(offer.value.changes)
  leave()
}
</script>

<template>
  <span @focusin="was ??= name" @focusout="renamed"><slot></slot></span>
  <p v-if="offer" class="small not-on-paper offer" role="status">
    {{ offer.but }}
    <button type="button" class="act" @click="carry">{{ offer.label }}</button>
    <button type="button" class="act" @click="leave">Dismiss</button>
  </p>
</template>

<style scoped>
.offer {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-4);
}
</style>
