<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { FairDay, Problem } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import ConflictNote from '@/shared/ConflictNote.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { latest } from '@/shared/latest'
import NotSavedNote from '@/shared/NotSavedNote.vue'
import { useEdited } from '@/shared/useEdited'
import { useLoad } from '@/shared/useLoad'
import { useMeanwhile } from '@/shared/useMeanwhile'
import PlanSlot from './PlanSlot.vue'
import { copyOf } from '@/shared/copyOf'
import { useRefusal } from '@/fields/useRefusal'

/** The plan of a day: which rallies, when, where, at how many tables, and who helps. */
const props = defineProps<{ day: string }>()
const emit = defineEmits<{ changed: [] }>()
const router = useRouter()
const plan = useLoad(() => ask(api.GET('/api/days/{id}/plan', { params: { path: { id: props.day } } })))
const shelf = useLoad(() => ask(api.GET('/api/rallies')))
void plan.load()
void shelf.load()
const { typed, was, changed, saved, discard } = useEdited(() => plan.data.value, `day:${props.day}`)
const { meanwhile, cameSecond, letGo } = useMeanwhile(plan.load)
const left = computed(() =>
  (shelf.data.value ?? []).filter((r) => !r.archived && !typed.value?.slots.some((s) => s.rally === r.id)),
)
const nameOf = (id: string) => shelf.data.value?.find((r) => r.id === id)?.name ?? 'a rally that was deleted'
const refusal = useRefusal(() => typed.value)
const said = ref('')
const clashes = ref<readonly Problem[]>([])
/** What cannot work is said while it is typed; what is not in order yet is said when it is saved. */
const askCheck = latest((body: FairDay) => ask(api.POST('/api/days/check', { body })))
const check = useDebounceFn(async () => {
  if (!typed.value) return
  const answer = await askCheck(typed.value)
  if (answer?.ok) clashes.value = answer.data.clashes
}, 400)
watch(typed, () => void check(), { deep: true })
/** What is said of one slot; of the day as a whole where it stands at no slot. */
const at = (all: readonly Problem[], slot: number) => all.filter((p) => p.at.startsWith(`/slots/${slot}/`))
const ofDay = computed(() =>
  [...(refusal.value?.problems ?? []), ...clashes.value].filter((p) => !p.at.startsWith('/slots/')),
)
/** Everybody who is written down, to choose from at the next table. */
const helpers = computed(() => [...new Set((typed.value?.slots ?? []).flatMap((s) => s.helpers).filter(Boolean))])
function add(event: Event) {
  const list = event.target as HTMLSelectElement
  if (list.value) typed.value?.slots.push({ rally: list.value, where: '', tables: 1, helpers: [] })
  list.value = ''
}
function move(slot: number, by: number) {
  const slots = typed.value!.slots
  const [moved] = slots.splice(slot, 1)
  slots.splice(slot + by, 0, moved!)
}
async function keep(over: FairDay | undefined) {
  if (!typed.value || !over) return
  const body = { was: over, now: copyOf(typed.value) }
  const answer = await ask(api.PUT('/api/days/{id}', { params: { path: { id: props.day } }, body }))
  said.value = ''
  if (await cameSecond(answer, () => keep(plan.data.value))) return
  refusal.value = refusalOf(answer, 'What you typed is still here. Try again.')
  if (!answer.ok) return
  said.value = 'Saved.'
  plan.data.value = body.now
  saved(body.now)
  emit('changed')
  await plan.load()
}
function takeTheirs() {
  letGo()
  discard()
}
const removing = ref<string>()
async function remove() {
  const answer = await ask(api.DELETE('/api/days/{id}', { params: { path: { id: props.day } } }))
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  discard()
  await router.push('/days')
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
    <form v-else novalidate @submit.prevent="keep(was)">
      <div class="line">
        <label class="field grows"
          >Name
          <InputText v-model="typed.name" maxlength="80" />
        </label>
        <label class="field"
          >Date
          <InputText v-model="typed.date" type="date" />
        </label>
      </div>
      <p v-for="p in ofDay" :key="p.what" :class="p.severity === 'warning' ? 'heed' : 'wrong'" role="status">
        {{ p.what }} {{ p.remedy }}
      </p>
      <ol class="slots">
        <PlanSlot
          v-for="(s, i) in typed.slots"
          :key="s.rally"
          v-model="typed.slots[i]!"
          :name="nameOf(s.rally)"
          :at="i"
          :of="typed.slots.length"
          :problems="at(refusal?.problems ?? [], i)"
          :clashes="at(clashes, i)"
          @move="move(i, $event)"
          @remove="typed.slots.splice(i, 1)"
        />
      </ol>
      <datalist id="helpers">
        <option v-for="h in helpers" :key="h" :value="h" />
      </datalist>
      <label class="field"
        >Add a rally
        <select class="touch-field" @change="add">
          <option value="">Choose one</option>
          <option v-for="r in left" :key="r.id" :value="r.id">{{ r.name }}, {{ r.briefTitle }}</option>
        </select>
      </label>
      <label class="check"
        ><input v-model="typed.listOnBoard" type="checkbox" /> The board and the helpers see the combined results</label
      >
      <p v-if="refusal && refusal.problems.length === 0" class="wrong" role="alert">
        {{ refusal.title }} {{ refusal.detail }}
      </p>
      <ConflictNote :of="meanwhile" @theirs="takeTheirs" />
      <div class="touch-row">
        <Button type="submit" label="Save the plan" class="touch" />
        <Button
          type="button"
          label="Delete the fair day"
          severity="secondary"
          variant="outlined"
          class="touch"
          @click="removing = props.day"
        />
        <span v-if="said && !changed" role="status">{{ said }}</span>
      </div>
      <NotSavedNote :changed="changed" @discard="discard" />
      <AskRemoval
        v-model="removing"
        :what="typed.name || 'the fair day'"
        goes="Its plan is deleted: times, places, tables and helpers."
        back="Its rallies and all that is recorded in them stay. The plan cannot be restored."
        @yes="remove"
      />
    </form>
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-5);
}
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-4);
  justify-items: start;
  padding-top: var(--space-3);
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  width: 100%;
}
.grows {
  flex: 0 1 24rem;
}
.slots {
  width: 100%;
  border-top: var(--rule);
}
form > .field {
  width: 100%;
  max-width: 24rem;
}
.field select {
  width: 100%;
}
.check {
  display: inline-flex;
  align-items: baseline;
  gap: var(--space-3);
}
</style>
