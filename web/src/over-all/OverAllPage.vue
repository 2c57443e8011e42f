<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import { useToWall } from '@/shared/useToWall'
import { done } from '@/shared/useDone'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import ChooseRallies from './ChooseRallies.vue'
import CombinedChoices from './CombinedChoices.vue'
import OverAllTable from './OverAllTable.vue'
import { useCombined } from './useCombined'

/** Rallies of one brief as one list: classes, days, years, the tables of a fair. Which ones stands in the address. */
const route = useRoute()
const router = useRouter()
const chosen = computed(() => [route.query.rally ?? []].flat().filter((r): r is string => typeof r === 'string'))
const shelf = useLoad(() => ask(api.GET('/api/rallies')))
void shelf.load()
const first = computed(() => shelf.data.value?.find((r) => r.id === chosen.value[0]))
const {
  chosen: combined,
  choose: combine,
  keep,
} = useCombined(() => first.value?.briefId ?? first.value?.briefTitle ?? '')
const choose = (rallies: readonly string[]) => void router.replace({ query: { ...route.query, rally: [...rallies] } })
/** Whoever comes from a fair day sees what the day has, and can have the day combined otherwise. */
const day = computed(() => (typeof route.query.day === 'string' ? route.query.day : undefined))
const plan = useLoad(() => ask(api.GET('/api/days/{id}/plan', { params: { path: { id: day.value ?? '' } } })))
watch(
  [day, first],
  async ([of, known]) => {
    if (!of || !known) return
    await plan.load()
    if (plan.data.value?.combined) combine(plan.data.value.combined)
  },
  { immediate: true },
)
const forDay = ref('')
async function saveForDay() {
  const [was, made] = [plan.data.value, all.data.value]
  if (!was || !made || !day.value) return
  const now = { ...was, combined: made.chosen }
  const answer = await done(api.PUT('/api/days/{id}', { params: { path: { id: day.value } }, body: { was, now } }))
  forDay.value = answer.ok ? `Saved for ${was.name}.` : ''
  await plan.load()
}
const all = useLoad(() =>
  ask(
    api.GET('/api/over-all', {
      params: {
        query: {
          rally: chosen.value,
          figure: combined.value.figure,
          by: combined.value.by,
          lists: combined.value.lists,
          anyway: combined.value.anyway,
          placePoints: combined.value.placePoints?.join(','),
        },
      },
    }),
  ),
)
watch([chosen, combined], () => chosen.value.length > 0 && void all.load(), { immediate: true })
watch(all.data, (made) => made && keep(made.chosen))
const differs = computed(() => [...new Set(all.data.value?.lists.flatMap((l) => l.differs))])

const sort = ref(0)
const plot = computed(() => all.data.value?.plots[sort.value] ?? all.data.value?.plots[0])

/** The wall of the first rally shows it, from the last place to the first. */
const revealed = ref<number>()
const wall = useToWall(
  () => chosen.value[0] ?? '',
  () => 1,
)
async function reveal(number: number) {
  if (!all.data.value) return
  const overAll = { ...all.data.value.chosen, rallies: chosen.value.slice(1) }
  if (await wall.show('the list', { shows: 'overAll', number, overAll })) revealed.value = number
}
const places = computed(() => all.data.value?.places ?? 0)
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead title="Combined results" :next="first?.briefTitle ?? 'Several rallies as one list'">
      <RouterLink v-if="first" :to="`/rallies/${first.id}/results`">Results of {{ first.name }}</RouterLink>
    </StationHead>
    <ChooseRallies
      v-if="shelf.data.value"
      :rallies="shelf.data.value"
      :model-value="chosen"
      @update:model-value="choose"
    />
    <LoadNote
      v-if="chosen.length > 0 && !all.data.value"
      :state="all.state.value"
      :refusal="all.refusal.value"
      what="the list"
      @again="all.load"
    />
    <template v-if="chosen.length > 0 && all.data.value">
      <p v-if="all.data.value.figures.length === 0" role="status">
        There is nothing to compare: this brief gives no points and measures nothing.
      </p>
      <CombinedChoices v-else :all="all.data.value" :differs="differs.length > 0" @choose="combine" />
      <RefusalNote :refusal="all.state.value === 'refused' ? all.refusal.value : undefined" />
      <p v-if="chosen.length === 1" class="muted">
        Only one rally is chosen. Choose others of this brief to combine them.
      </p>
      <div v-if="differs.length > 0" class="heed" role="status">
        <p>
          These rallies differ{{
            !all.data.value.ranking
              ? '.'
              : all.data.value.chosen.anyway
                ? ', and have places all the same.'
                : ', so they stand side by side without places.'
          }}
        </p>
        <ul>
          <li v-for="d in differs" :key="d">{{ d }}</li>
        </ul>
      </div>
      <p class="muted">{{ all.data.value.winsText }}</p>
      <OverAllTable :all="all.data.value" />
      <p v-if="plan.data.value" class="touch-row">
        <Button type="button" :label="`Use for ${plan.data.value.name}`" variant="outlined" @click="saveForDay" />
        <RouterLink class="small" :to="`/days/${day}`">Back to {{ plan.data.value.name }}</RouterLink>
        <span role="status" class="small muted">{{ forDay }}</span>
      </p>
      <div class="touch-row">
        <Button type="button" label="Show on the wall, nothing revealed" variant="outlined" @click="reveal(0)" />
        <template v-if="revealed !== undefined">
          <Button
            type="button"
            label="Reveal the next"
            variant="outlined"
            :disabled="revealed >= places"
            @click="reveal(revealed + 1)"
          />
          <Button
            type="button"
            label="Reveal all"
            variant="outlined"
            :disabled="revealed >= places"
            @click="reveal(places)"
          />
          <span role="status" class="small muted"
            >The wall of {{ first?.name }} shows {{ revealed }} of {{ places }}.</span
          >
        </template>
      </div>
      <RefusalNote v-if="wall.refusal.value" :refusal="wall.refusal.value" />
      <section v-if="plot" aria-labelledby="plot">
        <h2 id="plot">{{ plot.title }}</h2>
        <div v-if="all.data.value.plots.length > 1" role="group" aria-label="As">
          <button
            v-for="(p, at) in all.data.value.plots"
            :key="p.sort"
            type="button"
            class="act small"
            :aria-pressed="p === plot"
            @click="sort = at"
          >
            {{ p.sortName }}
          </button>
        </div>
        <PlotPicture :plot="plot" />
        <ul>
          <li v-for="s in plot.says" :key="s">{{ s }}</li>
        </ul>
      </section>
    </template>
  </main>
</template>

<style scoped>
.act {
  margin-right: var(--space-5);
}
.act[aria-pressed='true'] {
  font-weight: 750;
}
</style>
