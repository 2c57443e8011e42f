<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { ClassOfFair } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { useDraft } from '@/shared/useDraft'
import { useLoad } from '@/shared/useLoad'
import FairClass from './FairClass.vue'
import { useRefusal } from '@/fields/useRefusal'
import { singly } from '@/shared/singly'

/** A fair day is begun with all its rallies: one brief, the classes, and the tier that each runs. */
const router = useRouter()
const briefs = useLoad(() => ask(api.GET('/api/briefs')))
const classes = useLoad(() => ask(api.GET('/api/classes')))
for (const list of [briefs, classes]) void list.load()
/** What is typed stays in this browser until the day has begun. */
const { draft: typed, follow } = useDraft<{ name: string; date: string; brief: string; classes: ClassOfFair[] }>(
  () => ({ name: '', date: new Date().toLocaleDateString('sv'), brief: '', classes: [] }),
  'fair:new',
)
const written = useLoad(() => ask(api.GET('/api/briefs/{id}', { params: { path: { id: typed.value.brief } } })))
watch(
  () => typed.value.brief,
  (brief) => brief && void written.load(),
  { immediate: true },
)
const tiers = computed(() => [
  { label: 'The brief itself', value: 'brief' },
  ...(written.data.value?.tiers ?? []).map((t) => ({ label: t.name || t.id, value: t.id })),
])
const left = computed(() =>
  (classes.data.value ?? []).filter((c) => !typed.value.classes.some((chosen) => chosen.class === c.id)),
)
const blank = { tier: '', size: 4, teams: 6, where: '', tables: 1 }
const add = (id: string, name: string) => typed.value.classes.push({ ...blank, name, class: id })
const addUnknown = () => typed.value.classes.push({ ...blank, name: '' })
const students = (id: string | null | undefined) => classes.data.value?.find((c) => c.id === id)?.students.length
const refusal = useRefusal(() => typed.value)
const beginning = ref(false)
const at = (place: string) => refusal.value?.problems.filter((p) => p.at.startsWith(place)) ?? []
const others = computed(() => refusal.value?.problems.filter((p) => !p.at.startsWith('/classes/')) ?? [])
async function begin() {
  beginning.value = true
  const answer = await ask(
    api.POST('/api/days/together', { body: { ...typed.value, brief: typed.value.brief || null } }),
  )
  beginning.value = false
  refusal.value = refusalOf(answer, 'What you typed is kept here. Try again.')
  if (!answer.ok) return
  follow()
  await router.push(`/days/${answer.data.id}`)
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead
      title="New fair"
      next="Several classes run one brief on one day. Teams are made for all of them, and numbered over the whole day."
    >
      <RouterLink class="small" to="/days">Back to the fair days</RouterLink>
    </StationHead>
    <template v-if="!briefs.data.value || !classes.data.value">
      <LoadNote :state="briefs.state.value" :refusal="briefs.refusal.value" what="the briefs" @again="briefs.load" />
      <LoadNote
        :state="classes.state.value"
        :refusal="classes.refusal.value"
        what="the classes"
        @again="classes.load"
      />
    </template>
    <form v-else novalidate @submit.prevent="singly(begin)">
      <div class="line">
        <label class="field grows"
          >Name
          <InputText v-model="typed.name" maxlength="80" placeholder="Spring fair" />
        </label>
        <label class="field"
          >Date
          <InputText v-model="typed.date" type="date" />
        </label>
        <div class="field grows">
          <span>Brief</span>
          <Select
            v-model="typed.brief"
            :options="briefs.data.value"
            option-label="title"
            option-value="id"
            filter
            placeholder="Choose a brief"
            aria-label="Brief"
          />
        </div>
      </div>
      <h2>Classes</h2>
      <p v-if="typed.classes.length === 0" class="muted">
        Choose the classes that take part. Each has its tier, its time, its place and its tables.
      </p>
      <ol v-else class="slots">
        <FairClass
          v-for="(c, i) in typed.classes"
          :key="i"
          v-model="typed.classes[i]!"
          :students="students(c.class)"
          :tiers="tiers"
          :problems="at(`/classes/${i}/`)"
          @remove="typed.classes.splice(i, 1)"
        />
      </ol>
      <div class="line">
        <Button
          v-for="c in left"
          :key="c.id"
          type="button"
          class="touch"
          :label="`Add ${c.name}`"
          variant="outlined"
          @click="add(c.id, c.name)"
        />
        <Button
          type="button"
          class="touch"
          label="Add a class without a list"
          variant="outlined"
          severity="secondary"
          @click="addUnknown"
        />
      </div>
      <p v-for="p in others" :key="p.what" class="wrong small" role="alert">{{ p.what }} {{ p.remedy }}</p>
      <RefusalNote v-if="refusal?.problems.length === 0" :refusal="refusal" />
      <Button type="submit" class="touch" label="Begin all rallies" :loading="beginning" />
    </form>
  </main>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-4);
  justify-items: start;
  padding-top: var(--space-4);
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
</style>
