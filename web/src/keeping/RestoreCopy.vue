<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { CopyChange, CopyKept, CopyPreview, Refusal } from '@/api/names'
import { dayOf, timeOfDay } from '@/shared/days'
import LoadNote from '@/shared/LoadNote.vue'
import { countOf } from '@/shared/numbers'
import { rallyTitle } from '@/shared/rallyTitle'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useLoad } from '@/shared/useLoad'

/** Restores a backup: says what would change first, then waits until the server has started again. */
const copy = defineModel<CopyKept>()
const emit = defineEmits<{ restored: [] }>()
const open = computed({ get: () => copy.value !== undefined, set: (on) => on || (copy.value = undefined) })
const preview = useLoad(() =>
  ask(api.GET('/api/kept/copies/{name}/changes', { params: { path: { name: copy.value?.name ?? '' } } })),
)
const refusal = ref<Refusal>()
const waiting = ref(false)
/** The server did not answer again in time. */
const late = ref(false)
watch(copy, (c) => {
  refusal.value = undefined
  late.value = false
  preview.data.value = undefined
  preview.state.value = 'loading'
  if (c) void preview.load()
})

const when = computed(() => (copy.value ? `${dayOf(copy.value.madeAt)}, ${timeOfDay(copy.value.madeAt)}` : ''))
/** How much there is of a thing, now and then. */
const amounts = (c: CopyChange) => {
  if (c.sort === 'brief') return ''
  const says = (n: number) => (c.sort === 'rally' ? countOf(n, 'entry', 'entries') : countOf(n, 'student', 'students'))
  if (c.fate === 'comesBack') return says(c.then)
  if (c.fate === 'goes') return says(c.now)
  return c.now === c.then ? '' : `${says(c.now)} now, ${c.then} in the backup`
}
const name = (c: CopyChange) => rallyTitle(c.name || 'Untitled brief', c.brief, c.date)
const sorts: Partial<Record<CopyChange['sort'], string>> = { rally: 'Rally', brief: 'Brief', class: 'Class' }
const describe = (c: CopyChange) => [`${sorts[c.sort] ?? ''} ${name(c)}`.trim(), amounts(c)].filter(Boolean).join(': ')
const groups = computed(() =>
  (
    [
      ['goes', 'Not in this backup. Restoring it removes:'],
      ['changes', 'Changed since. Restoring it brings back the older state of:'],
      ['comesBack', 'Deleted since. Restoring it brings back:'],
    ] as const
  )
    .map(([fate, title]) => ({ fate, title, things: preview.data.value?.things.filter((t) => t.fate === fate) ?? [] }))
    .filter((g) => g.things.length > 0),
)
const others = (p: CopyPreview) => [
  ...(p.photosNow === p.photosThen
    ? []
    : [`${countOf(p.photosNow, 'photo', 'photos')} now, ${p.photosThen} in the backup.`]),
  ...(p.cupboardChanges ? ['The cupboard would be as it was then.'] : []),
]
const nothing = computed(
  () => preview.data.value && groups.value.length === 0 && others(preview.data.value).length === 0,
)

/** Between two looks whether the server has started again, in milliseconds; and how often it is looked. */
const pause = 500
const looks = 120
async function restore() {
  const wanted = copy.value
  if (!wanted) return
  waiting.value = true
  const answer = await ask(api.POST('/api/kept/copies/{name}/restore', { params: { path: { name: wanted.name } } }))
  refusal.value = refusalOf(answer)
  if (answer.ok) {
    for (let look = 0; look < looks; look++) {
      await new Promise((resolve) => setTimeout(resolve, pause))
      const now = await ask(api.GET('/api/kept'))
      // A session that the backup does not know has ended with it: the page that opens asks for the password.
      if ((now.ok && now.data.restored?.name === wanted.name) || (!now.ok && !now.offline && now.status === 401)) {
        copy.value = undefined
        emit('restored')
        waiting.value = false
        return
      }
    }
    late.value = true
  }
  waiting.value = false
}
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    :closable="!waiting"
    :header="`Restore the backup of ${when}?`"
    :style="{ width: '36rem' }"
  >
    <div class="ask">
      <LoadNote
        v-if="!preview.data.value || preview.state.value !== 'ready'"
        :state="preview.state.value"
        :refusal="preview.refusal.value"
        what="the backup"
        @again="preview.load"
      />
      <template v-else>
        <p v-if="nothing">Everything is as it was in this backup: no rally, brief or class would change.</p>
        <section v-for="g in groups" :key="g.fate" :aria-labelledby="`fate-${g.fate}`">
          <h3 :id="`fate-${g.fate}`">{{ g.title }}</h3>
          <ul>
            <li v-for="(t, i) in g.things" :key="i">{{ describe(t) }}</li>
          </ul>
        </section>
        <p v-for="o in others(preview.data.value)" :key="o">{{ o }}</p>
        <p class="small muted">
          What you have now is backed up first, so this can be undone. School settings, plans, fair days and codes go
          back to that moment too. Plucky Rally starts again; nobody can score for a few seconds.
        </p>
      </template>
      <RefusalNote :refusal="refusal" />
      <p v-if="late" class="wrong" role="alert">
        Plucky Rally has not answered again yet. Look at its window on the server’s computer, then open this page again.
      </p>
      <p v-if="waiting" role="status">The backup is being restored…</p>
      <div class="touch-row">
        <Button
          label="Restore"
          severity="danger"
          class="touch"
          :disabled="waiting || preview.state.value !== 'ready'"
          @click="restore"
        />
        <Button label="Cancel" variant="outlined" class="touch" autofocus :disabled="waiting" @click="open = false" />
      </div>
    </div>
  </Dialog>
</template>

<style scoped>
.ask {
  display: grid;
  gap: var(--space-4);
}
h3 {
  font-size: var(--size-text);
}
li {
  padding: var(--space-1) 0;
  overflow-wrap: anywhere;
}
</style>
