<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Team } from '@/api/names'
import TeamPennant from '@/shared/TeamPennant.vue'
import { usePrinting } from './paper'

/**
 * A sheet that begins on a page of its own. Its team and what it is stand at its head with the pennant, and at the foot
 * of every page that it runs on to, with the number.
 */
const props = defineProps<{ title: string; team?: Team; landscape?: boolean; plain?: boolean; blankTeam?: boolean }>()
const now = usePrinting()
const page = `page${useId().replace(/\W/g, '')}`
const mark = computed(() => (props.team ? now.on.rally?.marks.get(props.team.id) : undefined))
const foot = computed(() =>
  [props.team ? `${props.team.name} (${mark.value?.sign ?? ''})` : '', props.title, now.on.brief.title]
    .filter(Boolean)
    .join(', '),
)
/** A page's edge knows nothing of the tokens. */
const letters = "font: 12pt 'Andika'; color: CanvasText; white-space: nowrap; vertical-align: top; padding-top: 3mm;"
const size = computed(() => `${now.choices.paper}${props.landscape ? ' landscape' : ''}`)
/** What stands at the foot of a page cannot be said by a class: it hangs on the team. */
const rule = computed(
  () =>
    `@page ${page} { size: ${size.value};
    @bottom-left { content: "${CSS.escape(foot.value)}"; ${letters} }
    @bottom-right { content: counter(page) " / " counter(pages); ${letters} } }`,
)
</script>

<template>
  <article
    class="sheet"
    :class="{ landscape, plain }"
    :style="`page: ${page}`"
    :aria-label="team ? `${title}: ${team.name}` : title"
  >
    <component :is="'style'">{{ rule }}</component>
    <header v-if="!plain">
      <TeamPennant v-if="mark" :mark="mark" :width="76" />
      <div>
        <h2>{{ team?.name ?? title }}</h2>
        <p>{{ [team ? title : '', now.on.brief.title, now.on.about].filter(Boolean).join(', ') }}</p>
      </div>
      <p v-if="blankTeam && !team" class="blank">Team</p>
    </header>
    <slot />
  </article>
</template>

<style scoped>
@media screen {
  .sheet.landscape {
    width: 297mm;
    max-width: calc(100vw - 3rem);
    min-height: 180mm;
  }
}
header {
  display: flex;
  gap: 1em;
  align-items: center;
  border-bottom: 2px solid var(--ink);
  padding-bottom: 0.4em;
}
h2 {
  font-size: 1.5em;
}
.blank {
  flex: 1;
  align-self: end;
  border-bottom: 1px solid var(--ink);
}
</style>
