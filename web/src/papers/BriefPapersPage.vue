<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import InlineChoice from '@/fields/InlineChoice.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'
import { useSchool } from '@/school/useSchool'
import PaperDesk from './PaperDesk.vue'
import { sizeOf, type OnPaper } from './paper'

/** All paper of a brief, before there is a rally. */
const props = defineProps<{ brief: string }>()
const tier = ref('')
const brief = useLoad(() =>
  ask(api.GET('/api/briefs/{id}/papers', { params: { path: { id: props.brief }, query: { tier: tier.value } } })),
)
watch(tier, () => void brief.load(), { immediate: true })
const tiers = computed(() => [
  ['', 'the brief itself'] as const,
  ...(brief.data.value?.tiers ?? []).map((t) => [t.id, t.name] as const),
])
const { school } = useSchool()
const on = computed((): OnPaper | undefined => {
  const b = brief.data.value
  if (!b) return undefined
  const { edition, papers } = b
  return {
    brief: edition.brief,
    tier: edition.tier,
    sheet: edition.sheet,
    largePrint: edition.largePrint,
    papers: papers ?? undefined,
    about: '',
    rally: undefined,
  }
})
</script>

<template>
  <PaperDesk v-if="on && school" :on="on" :paper="sizeOf(on, school)">
    <template #links>
      <RouterLink class="small" :to="`/briefs/${props.brief}`">Back to the brief</RouterLink>
    </template>
    <InlineChoice v-model="tier" label="Tier" :options="tiers" />:
  </PaperDesk>
  <main v-else id="main" class="desk stack">
    <LoadNote :state="brief.state.value" :refusal="brief.refusal.value" what="the brief" @again="brief.load" />
  </main>
</template>
