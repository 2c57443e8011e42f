<script setup lang="ts">
import { computed } from 'vue'
import type { Brief } from '@/api/names'
import GrowText from '@/fields/GrowText.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineText from '@/fields/InlineText.vue'
import InlineWords from '@/fields/InlineWords.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { freeIn } from '@/fields/freeId'
import { useWriting } from '@/fields/writing'

/** What only the teacher reads: never on the student sheet. */
const props = defineProps<{ brief: Brief }>()
const { choices } = useWriting()
const usual = computed(() => choices.value?.jobs ?? [])
const freshJob = () => ({
  id: freeIn(props.brief.jobs, 'job'),
  name: '',
  duties: '',
})
const freshMark = () => ({
  id: freeIn(props.brief.teacher.marks, 'mark'),
  name: '',
  levels: ['not yet', 'partly', 'fully'],
})
const standards = computed(() => choices.value?.standards ?? [])
function toggle(code: string, on: boolean) {
  const list = props.brief.teacher.standards
  if (on) list.push(code)
  else list.splice(list.indexOf(code), 1)
}
/** Sentences, whatever signs they have in them. */
const wholeLines = (such: string) => ({ such, row: (_cells: string[], _fresh: string, line: string) => line })
</script>

<template>
  <section aria-labelledby="teacher">
    <h2 id="teacher">Only for the teacher</h2>
    <p class="small muted">None of this is on the student sheet.</p>
    <h3>Notes</h3>
    <GrowText
      v-model="brief.teacher.notes"
      label="Notes on running it"
      at="/teacher/notes"
      placeholder="What to watch for, what to have ready"
    />
    <h3>Hints, one at a time</h3>
    <ItemLines
      v-slot="{ i }"
      :items="brief.teacher.hints"
      one="hint"
      at="/teacher/hints"
      :fresh="() => ''"
      :paste="wholeLines('a wider foot stands better')"
    >
      <GrowText
        v-model="brief.teacher.hints[i]!"
        label="Hint"
        :at="`/teacher/hints/${i}`"
        placeholder="A question that helps, not the answer"
      />
    </ItemLines>
    <h3>Questions for the talk</h3>
    <ItemLines
      v-slot="{ i }"
      :items="brief.teacher.questions"
      one="question"
      at="/teacher/questions"
      :fresh="() => ''"
      :paste="wholeLines('What held it up?')"
    >
      <GrowText
        v-model="brief.teacher.questions[i]!"
        label="Question"
        :at="`/teacher/questions/${i}`"
        placeholder="A question"
      />
    </ItemLines>
    <h3>Levels</h3>
    <p class="small muted">By levels, for a team or a student; apart from points, and never on the wall.</p>
    <ItemLines
      v-slot="{ item }"
      :items="brief.teacher.marks"
      one="set of levels"
      add="Add levels"
      at="/teacher/marks"
      :fresh="freshMark"
    >
      <InlineText
        v-model="item.name"
        label="What you look at"
        :at="`/teacher/marks/${item.id}/name`"
        placeholder="such as explains why"
      />
      <GrowText
        :model-value="item.levels.join('\n')"
        label="Levels, the lowest first, one on each line"
        :at="`/teacher/marks/${item.id}/levels`"
        placeholder="Levels, the lowest first, one on each line"
        @update:model-value="item.levels = ($event ?? '').split('\n')"
      />
    </ItemLines>
    <h3>Worksheet</h3>
    <p>
      Plans to draw, or a plan of their own:
      <InlineWords
        v-model="brief.worksheet.plans"
        label="Plans to choose from"
        at="/worksheet/plans"
        placeholder="such as beam, arch, truss"
      />
    </p>
    <p>
      Boxes for drawings:
      <InlineWords
        v-model="brief.worksheet.boxes"
        label="Boxes for drawings"
        at="/worksheet/boxes"
        placeholder="such as front, top, side"
      />
    </p>
    <h3>How the rig is built</h3>
    <GrowText
      v-model="brief.rigSteps"
      label="How the rig is built"
      at="/rigSteps"
      placeholder="A step on each line; what it is made of stands among the materials"
    />
    <h3>Jobs in a team</h3>
    <template v-if="brief.jobs.length === 0">
      <p class="small muted">The usual ones: {{ usual.map((j) => j.name.toLowerCase()).join(', ') }}.</p>
      <button type="button" class="act" @click="brief.jobs.push(...usual.map((j) => ({ ...j })))">Edit jobs</button>
    </template>
    <ItemLines v-else v-slot="{ item }" :items="brief.jobs" one="job" at="/jobs" :fresh="freshJob">
      <InlineText v-model="item.name" label="Job" :at="`/jobs/${item.id}/name`" placeholder="Name of the job" />
      <GrowText
        v-model="item.duties"
        label="Duties"
        :at="`/jobs/${item.id}/duties`"
        placeholder="What its holder does"
      />
    </ItemLines>
    <h3>Standards of engineering design</h3>
    <ul class="standards">
      <li v-for="s in standards" :key="s.code">
        <InlineCheck
          :model-value="brief.teacher.standards.includes(s.code)"
          :label="`${s.code}: ${s.says}`"
          @update:model-value="(on) => toggle(s.code, on ?? false)"
        />
      </li>
    </ul>
    <h3>Local standards</h3>
    <GrowText
      v-model="brief.teacher.localStandards"
      label="Local standards"
      at="/teacher/localStandards"
      placeholder="Your own curriculum"
    />
    <h3>For those who are finished</h3>
    <GrowText
      v-model="brief.teacher.extensions"
      label="For those who are finished"
      at="/teacher/extensions"
      placeholder="What can they try next?"
    />
  </section>
</template>

<style scoped>
h3 {
  margin-top: var(--space-4);
}
.standards :deep(label) {
  align-items: flex-start;
  font-size: var(--size-small);
  padding: var(--space-1) 0;
}
.standards :deep(input) {
  margin-top: var(--space-1);
  flex: none;
}
</style>
