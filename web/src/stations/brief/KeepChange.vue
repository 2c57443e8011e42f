<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { nextTick, ref, useTemplateRef, watch } from 'vue'
import { useRouter, type RouteLocationRaw } from 'vue-router'
import ConflictNote from '@/shared/ConflictNote.vue'
import { useRally } from '@/shared/openRally'
import ChangePreview from './ChangePreview.vue'
import type { useBriefChange } from './useBriefChange'
import { singly } from '@/shared/singly'

/** What would change, why, and keeping it; what stands in the way is said here. */
const props = defineProps<{ change: ReturnType<typeof useBriefChange>; back: RouteLocationRaw }>()
const { reason, shelfToo, pricesFromNow, seen, refusal, meanwhile } = props.change
const { news } = useRally()
const router = useRouter()
const keeping = useTemplateRef('keeping')
watch(seen, async (now) => {
  if (!now) return
  await nextTick()
  keeping.value?.scrollIntoView({ block: 'nearest' })
})
/** Said where the brief on the shelf could not be changed with it. */
const notOnShelf = ref('')
async function keep() {
  const kept = await props.change.keep()
  if (!kept) return
  news()
  if (kept.notOnShelf) notOnShelf.value = kept.notOnShelf
  else await router.push(props.back)
}
</script>

<template>
  <section ref="keeping" class="keep" aria-label="What is changed">
    <p v-if="refusal" class="wrong" role="alert">{{ refusal.title }} {{ refusal.detail }}</p>
    <ConflictNote :of="meanwhile" @theirs="change.letGo" />
    <p v-if="notOnShelf" class="wrong" role="alert">
      It is changed in this rally. {{ notOnShelf }} <RouterLink :to="back">Back to the brief</RouterLink>
    </p>
    <form v-if="seen" class="seen" @submit.prevent="singly(keep)">
      <fieldset v-if="seen.changesPrices">
        <legend>The price of something already bought changes. The new price applies</legend>
        <label class="tick"
          ><input v-model="pricesFromNow" type="radio" name="prices" :value="true" /> from now on: what was bought keeps
          its price</label
        >
        <label class="tick"
          ><input v-model="pricesFromNow" type="radio" name="prices" :value="false" /> to everything that was
          bought</label
        >
      </fieldset>
      <ChangePreview :seen="seen" />
      <label for="why">Reason</label>
      <InputText id="why" v-model="reason" maxlength="400" placeholder="what was wrong with it" />
      <label v-if="seen.shelf" class="tick">
        <input v-model="shelfToo" type="checkbox" /> Change the brief “{{ seen.shelf }}” too
      </label>
      <Button type="submit" label="Save" :disabled="reason.trim().length === 0" />
    </form>
  </section>
</template>

<style scoped>
.keep {
  display: grid;
  justify-items: start;
  gap: var(--space-3);
  padding-top: var(--space-3);
  scroll-margin-top: var(--bar);
}
.seen {
  display: grid;
  justify-items: start;
  gap: var(--space-3);
  width: 100%;
  padding: var(--space-4) var(--space-5) var(--space-5);
  background: var(--marigold-wash);
  border: 2px dashed var(--marigold);
}
.seen label {
  font-weight: 650;
}
fieldset {
  border: 0;
  padding: 0;
  display: grid;
}
legend {
  font-weight: 650;
}
.seen .tick {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
  font-weight: 400;
  min-height: 32px;
}
#why {
  width: min(40rem, 100%);
}
</style>
