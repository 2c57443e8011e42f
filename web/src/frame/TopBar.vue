<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { askWho, useWho } from '@/access/useWho'
import GuideLink from '@/shared/GuideLink.vue'
import { barName } from '@/shared/barName'
import { useNarrow } from '@/shared/useNarrow'
import { waitingCount } from '@/waiting/waitingHere'
import FoldedMenu from './FoldedMenu.vue'
import { guideFor } from './guideFor'
import { isAt, morePlaces, places } from './places'

/**
 * The bar on top of every page that is not on a wall: the mark, where a teacher goes every week, the guide's page for
 * this place, and a menu with the rest. On a phone all of it folds into the menu. Whoever came in by a code has the
 * mark and the guide.
 */
const route = useRoute()
const { who, isTeacher } = useWho()
/** A page that is open to everybody has not asked who this is. */
if (!who.value) void askWho()
const narrow = useNarrow()
const guide = computed(() => guideFor(route))
const folded = computed(() =>
  narrow.value ? [...places, { to: `/guide/${guide.value}`, name: 'Guide' }, ...morePlaces] : morePlaces,
)
</script>

<template>
  <header class="bar not-on-paper">
    <div class="inner on-grid">
      <RouterLink class="name" to="/">
        <svg viewBox="0 0 32 32" width="28" height="28" aria-hidden="true">
          <path d="M5 2v28" stroke="var(--ink)" stroke-width="3" />
          <path d="M6 4h23l-7 7.5 7 7.5H6z" fill="var(--lagoon)" stroke="var(--ink)" stroke-width="2" />
          <path d="M9.5 11.5h10" stroke="var(--paper)" stroke-width="2" stroke-dasharray="3 2" />
        </svg>
        <span>{{ barName || 'Plucky Rally' }}</span><span class="out-of-sight">, home</span>
      </RouterLink>
      <nav v-if="isTeacher && !narrow" class="places" aria-label="Places">
        <RouterLink
          v-for="p in places"
          :key="p.to"
          class="place"
          :to="p.to"
          :aria-current="isAt(route.path, p.to) ? 'page' : undefined"
          >{{ p.name }}</RouterLink
        >
      </nav>
      <RouterLink v-if="waitingCount > 0" class="place waiting" to="/waiting">
        <span aria-hidden="true" class="short">{{ waitingCount }} waiting</span>
        <span class="long"
          >{{ waitingCount }} {{ waitingCount === 1 ? 'result waits here' : 'results wait here' }}</span
        >
      </RouterLink>
      <GuideLink
        v-if="!isTeacher || !narrow"
        class="place guide"
        :to="guide"
        :aria-current="isAt(route.path, '/guide') ? 'page' : undefined"
        >Guide</GuideLink
      >
      <FoldedMenu v-if="isTeacher" :label="narrow ? 'Menu' : 'More'" :places="folded" />
    </div>
  </header>
</template>

<style scoped>
.bar {
  background: var(--sheet);
  border-bottom: var(--rule);
}
.inner {
  display: flex;
  align-items: stretch;
  gap: var(--space-3) var(--space-7);
  min-height: 60px;
}
.name {
  display: inline-flex;
  align-items: center;
  gap: var(--space-3);
  font: 750 var(--size-lead) / 1.1 var(--title);
  letter-spacing: -0.02em;
  color: var(--ink);
  text-decoration: none;
  white-space: nowrap;
}
.places {
  display: flex;
  gap: var(--space-7);
}
.place {
  display: inline-flex;
  align-items: center;
  color: var(--ink);
  text-decoration: none;
  white-space: nowrap;
  box-shadow: inset 0 -3px 0 transparent;
}
.place:hover {
  box-shadow: inset 0 -3px 0 var(--line);
}
.place[aria-current='page'] {
  font-weight: 700;
  box-shadow: inset 0 -3px 0 var(--marigold);
}
.waiting {
  margin: var(--space-3) 0 var(--space-3) auto;
  padding: 0 var(--space-3);
  background: var(--marigold-wash);
  border: 1.5px solid var(--ink);
}
.guide {
  margin-left: auto;
}
.waiting + .guide {
  margin-left: 0;
}
.short {
  display: none;
}
@media (max-width: 1000px) {
  .inner,
  .places {
    column-gap: var(--space-5);
  }
  .short {
    display: inline;
  }
  .long {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
}
@media (max-width: 700px) {
  .inner {
    min-height: 48px;
    justify-content: space-between;
  }
  .name {
    min-width: 0;
  }
  .name span {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .name svg {
    flex: none;
    width: 24px;
    height: 24px;
  }
}
</style>
