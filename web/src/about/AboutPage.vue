<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'

/** What this is, in which version, and under which licences everything is that comes along. */
interface Licences {
  packages: { name: string; version: string; licence: string; part: 'browser' | 'server'; text: string }[]
  standard: Record<string, string>
}
const about = useLoad(() => ask(api.GET('/api/about')))
void about.load()
const licences = ref<Licences>()
const missing = ref(false)
onMounted(async () => {
  try {
    licences.value = (await (await fetch('/licences.json')).json()) as Licences
  } catch {
    // The file lies beside the page; without a line it is not there, and the page says so.
    missing.value = true
  }
})
const parts = [
  ['browser', 'In the pages'],
  ['server', 'In the server'],
] as const
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead
      title="About"
      :next="
        about.data.value ? `Plucky Rally ${about.data.value.version}. It runs on this computer, without a network.` : ''
      "
    />
    <p>
      For teachers of hands-on STEM lessons: briefs, kit, teams, the lesson, scores and why they are what they are. It
      is free software under the MIT license: anyone may use, read and change it.
    </p>
    <section aria-labelledby="licences">
      <h2 id="licences">Included software and licenses</h2>
      <p v-if="missing" class="muted" role="status">
        The list could not be fetched. It is the file licences.json beside the pages.
      </p>
      <template v-if="licences">
        <template v-for="[part, title] in parts" :key="part">
          <h3>{{ title }}</h3>
          <ul>
            <li v-for="one in licences.packages.filter((p) => p.part === part)" :key="one.name">
              <details>
                <summary>
                  {{ one.name }} <span class="muted figures">{{ one.version }}, {{ one.licence }}</span>
                </summary>
                <pre>{{ one.text }}</pre>
              </details>
            </li>
          </ul>
        </template>
        <h3>License texts</h3>
        <ul>
          <li v-for="(text, name) in licences.standard" :key="name">
            <details>
              <summary>{{ name }}</summary>
              <pre>{{ text }}</pre>
            </details>
          </li>
        </ul>
      </template>
    </section>
  </main>
</template>

<style scoped>
section {
  padding-top: var(--space-5);
}
h3 {
  padding-top: var(--space-5);
}
summary {
  overflow-wrap: anywhere;
  min-height: var(--touch);
  padding-block: var(--space-3);
  cursor: pointer;
}
li {
  border-bottom: var(--rule);
}
pre {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  padding: 0 0 var(--space-5) var(--space-5);
  font-size: var(--size-small);
}
</style>
