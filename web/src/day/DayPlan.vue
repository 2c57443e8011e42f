<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { FairDay, Refusal } from '@/api/names'
import ConflictNote from '@/shared/ConflictNote.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'
import { useMeanwhile } from '@/shared/useMeanwhile'

/** The plan of a day: which rallies, when, where, at how many tables. */
const props = defineProps<{ day: string }>()
const emit = defineEmits<{ changed: [] }>()
const router = useRouter()
const plan = useLoad(() => ask(api.GET('/api/days/{id}/plan', { params: { path: { id: props.day } } })))
const shelf = useLoad(() => ask(api.GET('/api/rallies')))
void plan.load()
void shelf.load()
const typed = ref<FairDay>()
const copy = () => (typed.value = JSON.parse(JSON.stringify(plan.data.value)) as FairDay)
watch(plan.data, () => typed.value ?? copy())
const { meanwhile, cameSecond, letGo } = useMeanwhile(plan.load)
const left = computed(() =>
  (shelf.data.value ?? []).filter((r) => !r.archived && !typed.value?.slots.some((s) => s.rally === r.id)),
)
const nameOf = (id: string) => shelf.data.value?.find((r) => r.id === id)?.name ?? 'a rally that was deleted'
const refusal = ref<Refusal>()
const said = ref('')
const problem = (at: string) => refusal.value?.problems.find((p) => p.at.startsWith(at))
function add(event: Event) {
  const list = event.target as HTMLSelectElement
  if (list.value) typed.value?.slots.push({ rally: list.value, where: '', tables: 1 })
  list.value = ''
}
const time = (value: string) => (value ? `${value.slice(0, 5)}:00` : null)
async function keep() {
  if (!typed.value || !plan.data.value) return
  const body = { was: plan.data.value, now: typed.value }
  const answer = await ask(api.PUT('/api/days/{id}', { params: { path: { id: props.day } }, body }))
  said.value = ''
  if (await cameSecond(answer, keep)) return
  refusal.value = refusalOf(answer, 'What you typed is still here. Try again.')
  if (!answer.ok) return
  said.value = 'Saved.'
  emit('changed')
  await plan.load()
}
function takeTheirs() {
  letGo()
  copy()
}
async function remove() {
  const answer = await ask(api.DELETE('/api/days/{id}', { params: { path: { id: props.day } } }))
  if (answer.ok) await router.push('/days')
}
</script>

<template>
  <section aria-labelledby="plan">
    <h2 id="plan">The plan</h2>
    <LoadNote
      v-if="!typed"
      :state="plan.state.value"
      :refusal="plan.refusal.value"
      what="the plan"
      @again="plan.load"
    />
    <form v-else novalidate @submit.prevent="keep">
      <p>
        <input v-model="typed.name" class="inline" aria-label="What it is called" maxlength="80" /> on
        <input v-model="typed.date" class="inline" type="date" aria-label="The day" />
      </p>
      <p v-if="problem('/name')" class="wrong" role="alert">
        {{ problem('/name')!.what }} {{ problem('/name')!.remedy }}
      </p>
      <table class="rows">
        <thead>
          <tr>
            <th scope="col">Rally</th>
            <th scope="col">From</th>
            <th scope="col">To</th>
            <th scope="col">Where</th>
            <th scope="col">Tables</th>
            <th scope="col"><span class="out-of-sight">Remove</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(s, i) in typed.slots" :key="s.rally">
            <th scope="row">
              {{ nameOf(s.rally) }}
              <p v-if="problem(`/slots/${i}/`)" class="wrong small" role="alert">
                {{ problem(`/slots/${i}/`)!.what }} {{ problem(`/slots/${i}/`)!.remedy }}
              </p>
            </th>
            <td>
              <input
                type="time"
                class="inline"
                :value="s.from?.slice(0, 5)"
                :aria-label="`From, ${nameOf(s.rally)}`"
                @change="s.from = time(($event.target as HTMLInputElement).value)"
              />
            </td>
            <td>
              <input
                type="time"
                class="inline"
                :value="s.to?.slice(0, 5)"
                :aria-label="`To, ${nameOf(s.rally)}`"
                @change="s.to = time(($event.target as HTMLInputElement).value)"
              />
            </td>
            <td><input v-model="s.where" class="inline" maxlength="80" :aria-label="`Where, ${nameOf(s.rally)}`" /></td>
            <td>
              <input
                v-model.number="s.tables"
                type="number"
                min="1"
                max="12"
                class="inline tables"
                :aria-label="`Tables, ${nameOf(s.rally)}`"
              />
            </td>
            <td>
              <button
                type="button"
                class="act"
                :aria-label="`Remove: ${nameOf(s.rally)}`"
                @click="typed.slots.splice(i, 1)"
              >
                Remove
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <label
        >Put in
        <select class="inline" aria-label="Add a rally" @change="add">
          <option value="">a rally</option>
          <option v-for="r in left" :key="r.id" :value="r.id">{{ r.name }}, {{ r.briefTitle }}</option>
        </select>
      </label>
      <label
        ><input v-model="typed.listOnBoard" type="checkbox" /> the board and the helpers see the combined results</label
      >
      <p v-if="refusal && refusal.problems.length === 0" class="wrong" role="alert">
        {{ refusal.title }} {{ refusal.detail }}
      </p>
      <ConflictNote :of="meanwhile" @theirs="takeTheirs" />
      <div class="ways">
        <Button type="submit" label="Save the plan" />
        <button type="button" class="act" @click="remove">Delete the fair day; its rallies stay</button>
        <span v-if="said" role="status">{{ said }}</span>
      </div>
    </form>
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-5);
}
form {
  display: grid;
  gap: var(--space-4);
  justify-items: start;
}
.tables {
  width: 4rem;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  align-items: center;
}
</style>
