<script setup lang="ts">
import GuideLink from '@/shared/GuideLink.vue'
import Button from 'primevue/button'
import { ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useLoad } from '@/shared/useLoad'
import type { Way } from './NewBriefDialog.vue'

/** Ways to begin: look around in the demo, which is kept apart, copy a brief of it, or write the first one. */
defineEmits<{ begin: [way: Way] }>()
const ready = useLoad(() => ask(api.GET('/api/briefs/ready')))
void ready.load()
const demo = useLoad(() => ask(api.GET('/api/demo')))
void demo.load()
const starting = ref(false)
const refusal = ref<Refusal>()
async function openDemo() {
  starting.value = true
  const answer = await ask(api.POST('/api/demo'))
  refusal.value = refusalOf(answer)
  if (answer.ok) location.href = answer.data.address
  else starting.value = false
}
</script>

<template>
  <section aria-labelledby="begin">
    <h2 id="begin">Where to begin</h2>
    <div class="ways">
      <div v-if="demo.data.value?.canStart">
        <h3>Look around first</h3>
        <p>
          A year of Marram Bay School: briefs, classes, a rally in the middle of its test. It is kept apart from your
          own data, and you can leave it at any time.
        </p>
        <Button
          :label="starting ? 'The demo starts…' : 'Look around in the demo'"
          :disabled="starting"
          variant="outlined"
          @click="openDemo"
        />
        <RefusalNote :refusal="refusal" />
      </div>
      <div v-if="ready.data.value?.length">
        <h3>Copy a ready-made brief</h3>
        <p>{{ ready.data.value.length }} challenges that can be run as they are. Make teams, and begin.</p>
        <Button label="Choose one" variant="outlined" @click="$emit('begin', 'ready')" />
      </div>
      <div>
        <h3>Write the first brief</h3>
        <p>A pattern brings measures, rules, points and cautions. You bring the story.</p>
        <Button label="Write the first brief" @click="$emit('begin', 'pattern')" />
        <p><GuideLink to="first-rally">Your first rally in fifteen minutes, step by step</GuideLink></p>
      </div>
    </div>
  </section>
</template>

<style scoped>
section {
  padding-block: var(--space-5) var(--space-6);
}
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(17rem, 1fr));
  gap: var(--space-6) var(--space-8);
  padding-top: var(--space-4);
}
.ways > div {
  border-top: 3px solid var(--ink);
  padding-top: var(--space-3);
  display: grid;
  gap: var(--space-3);
  justify-items: start;
  align-content: start;
}
</style>
