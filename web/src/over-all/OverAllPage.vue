<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import { shortDay } from '@/shared/days'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import { useToWall } from '@/shared/useToWall'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import OverAllTable from './OverAllTable.vue'

/** Rallies of one brief as one list: classes, days, years, the tables of a fair. Which ones stands in the address. */
const route = useRoute()
const router = useRouter()
const chosen = computed(() => [route.query.rally ?? []].flat().filter((r): r is string => typeof r === 'string'))
const figure = ref('')
const byClass = ref(false)
const shelf = useLoad(() => ask(api.GET('/api/rallies')))
void shelf.load()
const first = computed(() => shelf.data.value?.find((r) => r.id === chosen.value[0]))
/** Rallies of the same brief, the chosen ones first. */
const alike = computed(() => (shelf.data.value ?? []).filter((r) => r.briefTitle === first.value?.briefTitle))
function toggle(id: string) {
  const now = chosen.value.includes(id) ? chosen.value.filter((r) => r !== id) : [...chosen.value, id]
  if (now.length > 0) void router.replace({ query: { rally: now } })
}
const all = useLoad(() =>
  ask(api.GET('/api/over-all', { params: { query: { rally: chosen.value, figure: figure.value } } })),
)
watch([chosen, figure], () => chosen.value.length > 0 && void all.load(), { immediate: true })

const sort = ref(0)
const plot = computed(() => all.data.value?.plots[sort.value] ?? all.data.value?.plots[0])

/** The wall of the first rally shows it, from the last place to the first. */
const revealed = ref<number>()
const wall = useToWall(
  () => chosen.value[0] ?? '',
  () => 1,
)
async function reveal(number: number) {
  const overAll = { rallies: chosen.value.slice(1), figure: figure.value }
  if (await wall.show('the list', { shows: 'overAll', number, overAll })) revealed.value = number
}
const places = computed(() => all.data.value?.places ?? 0)
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead title="Combined results" :next="first?.briefTitle ?? 'Several rallies as one list'">
      <RouterLink v-if="first" :to="`/rallies/${first.id}/results`">Results of {{ first.name }}</RouterLink>
    </StationHead>
    <fieldset v-if="alike.length > 0" class="which">
      <legend class="small muted">Rallies of this brief</legend>
      <label v-for="r in alike" :key="r.id">
        <input type="checkbox" :checked="chosen.includes(r.id)" @change="toggle(r.id)" />
        {{ r.name }}<span v-if="r.date" class="small muted">, {{ shortDay(r.date) }}</span>
      </label>
    </fieldset>
    <LoadNote
      v-if="!all.data.value"
      :state="all.state.value"
      :refusal="all.refusal.value"
      what="the list"
      @again="all.load"
    />
    <template v-else>
      <p v-if="all.data.value.figures.length === 0" role="status">
        There is nothing to compare: this brief gives no points and measures nothing.
      </p>
      <div v-else class="ask">
        <label class="small">
          in order of
          <select
            :value="all.data.value.figure"
            class="inline"
            @change="figure = ($event.target as HTMLSelectElement).value"
          >
            <option v-for="f in all.data.value.figures" :key="f.id" :value="f.id">{{ f.name }}</option>
          </select>
        </label>
        <label class="small"><input v-model="byClass" type="checkbox" /> class by class</label>
      </div>
      <div v-if="all.data.value.differs.length > 0" class="heed" role="status">
        <p>
          These rallies stand side by side{{ all.data.value.ranking ? ' without places' : '' }}, because they differ.
        </p>
        <ul>
          <li v-for="d in all.data.value.differs" :key="d">{{ d }}</li>
        </ul>
      </div>
      <p v-else class="muted">{{ all.data.value.winsText }}</p>
      <OverAllTable
        v-if="all.data.value.rows.length > 0"
        :all="all.data.value"
        :by-class="byClass || all.data.value.differs.length > 0"
      />
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
.which {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  border: 0;
  margin: 0;
  padding: 0;
}
.which label {
  min-height: 2rem;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  border-block: var(--rule);
  padding-block: var(--space-3);
}
.act {
  margin-right: var(--space-5);
}
.act[aria-pressed='true'] {
  font-weight: 750;
}
</style>
