<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { GalleryCard, Photo } from '@/api/names'
import TeamPennant from '@/shared/TeamPennant.vue'
import type { TeamMark } from '@/shared/teamMarks'
import type { Sent } from '@/shared/useOutbox'
import { singly } from '@/shared/singly'

/** What one team made: its picture, its values, how it is described, and what the class sees on it. */
const props = defineProps<{
  card: GalleryCard
  called: string
  mark: TeamMark | undefined
  rally: string
  photos: readonly Photo[]
  words: readonly string[]
  tag: (word: string) => Promise<Sent>
}>()
defineEmits<{ untag: [entry: string] }>()
const at = useId()
const word = ref('')
const refused = ref('')
const photo = computed(() => props.photos.at(-1))
const offers = computed(() => props.words.filter((w) => !props.card.tags.some((t) => t.word === w)))
async function add() {
  const words = word.value.trim()
  if (!words) return
  const sent = await props.tag(words)
  refused.value = sent.kind === 'refused' ? (sent.refusal.problems[0]?.what ?? sent.refusal.title ?? '') : ''
  if (sent.kind !== 'refused' && word.value.trim() === words) word.value = ''
}
</script>

<template>
  <li class="card">
    <a v-if="photo" :href="`/api/rallies/${rally}/photos/${photo.id}`" target="_blank">
      <img
        :src="`/api/rallies/${rally}/photos/${photo.id}`"
        :alt="`Photo of ${called}`"
        :width="photo.width"
        :height="photo.height"
        loading="lazy"
      />
    </a>
    <h3>
      <TeamPennant v-if="mark" :mark="mark" :width="34" />
      {{ called }} <b class="figures">{{ card.value }}</b>
    </h3>
    <p v-if="card.others.length > 0" class="small">{{ card.others.join(', ') }}</p>
    <p v-if="card.labels.length > 0" class="small">{{ card.labels.join(', ') }}</p>
    <ul v-if="card.tags.length > 0" class="tags">
      <li v-for="t in card.tags" :key="t.entry">
        {{ t.word }}
        <button
          type="button"
          class="act"
          :aria-label="`take off: ${t.word}, ${called}`"
          @click="$emit('untag', t.entry)"
        >
          take off
        </button>
      </li>
    </ul>
    <form novalidate @submit.prevent="singly(add)">
      <input
        v-model="word"
        class="touch-field"
        maxlength="40"
        :list="at"
        :aria-label="`Describe the design of ${called}`"
        placeholder="describe the design"
      />
      <datalist :id="at"><option v-for="w in offers" :key="w" :value="w" /></datalist>
      <button type="submit" class="act" :aria-label="`Add tag: ${called}`">Add tag</button>
    </form>
    <p v-if="refused" class="wrong small" role="alert">{{ refused }}</p>
  </li>
</template>

<style scoped>
.card {
  display: grid;
  align-content: start;
  gap: var(--space-2);
  border-top: 3px solid var(--ink);
  padding-top: var(--space-3);
}
img {
  display: block;
  width: 100%;
  height: 11rem;
  object-fit: cover;
  border: 1.5px solid var(--ink);
}
h3 {
  overflow-wrap: anywhere;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-3);
}
h3 b {
  margin-left: auto;
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-4);
}
.tags li {
  font-weight: 650;
}
.tags .act {
  font-size: var(--size-small);
  font-weight: 400;
}
.touch-field {
  font-size: var(--size-small);
  min-height: 2.25rem;
  padding-block: var(--space-2);
}
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-3);
  align-items: center;
}
</style>
