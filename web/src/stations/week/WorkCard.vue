<script setup lang="ts">
// One piece of work: why it is where it is, how late it may be, what a move would break.
import { when } from '@/words/locale'
import { computed, ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import { later, slackMin, useWeek, type Move, type Week, type Work } from './week'

const props = defineProps<{ work: Work; week: Week; title: string }>()
const emit = defineEmits<{ close: []; choose: [id: string] }>()
const { pin, enough } = useWeek()

const by = ref(0)
const person = ref(props.work.person ?? '')
const move = ref<Move | null>(null)
const trouble = ref('')
const pinning = ref(false)

const start = computed(() => later(props.work.start, by.value))
const moved = computed(() => by.value !== 0 || person.value !== (props.work.person ?? ''))
const at = (moment: string) =>
  when(moment, { weekday: 'short', hour: '2-digit', minute: '2-digit' })
const named = (id?: string | null) => props.week.work.find((w) => w.id === id)
const pieceOf = (work: Work) => props.week.runs.find((r) => r.id === work.run)?.name ?? ''

watch([by, person], async () => {
  if (!moved.value) {
    move.value = null
    return
  }
  try {
    move.value = await ask(
      api.POST('/api/week/trial', {
        body: {
          work: props.work.id,
          start: start.value,
          ...(person.value ? { person: person.value } : {}),
        },
      }),
    )
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  }
})

async function put(letGo: boolean) {
  pinning.value = true
  await enough()
  await pin(props.work.id, letGo ? null : start.value, letGo ? null : person.value || null)
  pinning.value = false
  emit('close')
}
const STEPS = [-60, -15, -5, 5, 15, 60]
</script>

<template>
  <aside class="card no-print" :aria-label="title">
    <header>
      <h3>{{ title }}</h3>
      <v-btn size="large" variant="text" @click="$emit('close')">{{ $t('Close') }}</v-btn>
    </header>
    <p class="when">
      {{ at(start) }}, {{ $t('{n} min', { n: work.minutes }) }}
      <template v-if="!work.begun">
        · {{ $t('at the latest {at}', { at: at(work.latest) }) }}
        <span class="quiet">{{
          slackMin(work) > 0
            ? $t('it can wait {n} min', { n: slackMin(work) })
            : $t('it cannot wait')
        }}</span>
      </template>
      <span v-else class="quiet">{{ $t('has begun') }}</span>
    </p>
    <p v-for="wait in work.waits" :key="wait.after">
      {{ $t('After') }}
      <button type="button" class="link" @click="$emit('choose', wait.after)">
        {{ named(wait.after)?.title }}</button><template v-if="wait.leastMin > 0"
        >, {{ $t('{n} min at the least', { n: wait.leastMin }) }}</template
      ><template v-if="wait.greatestMin != null"
        >, {{ $t('{n} min at the most', { n: wait.greatestMin }) }}</template
      >. <span class="quiet">{{ wait.why }}</span>
    </p>
    <p v-if="named(work.keeps)">
      {{ $t('Waits for it:') }}
      <button type="button" class="link" @click="$emit('choose', work.keeps!)">
        {{ named(work.keeps)!.title }} · {{ pieceOf(named(work.keeps)!) }}
      </button>
    </p>
    <template v-if="!work.begun">
      <div class="steps">
        <v-btn
          v-for="step in STEPS"
          :key="step"
          size="large"
          variant="outlined"
          @click="by += step"
          >{{ step > 0 ? `+${step}` : `−${-step}` }}</v-btn
        >
        <span class="quiet">{{ $t('minutes') }}</span>
      </div>
      <v-select
        v-if="work.person"
        v-model="person"
        :items="week.people"
        item-title="name"
        item-value="id"
        :label="$t('Who')"
        hide-details
      />
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <div v-if="move" role="status">
        <p v-if="!move.breaks.length" class="holds">
          {{
            move.lateMin > 0
              ? $t('Holds, but batches are {n} min later.', { n: move.lateMin })
              : $t('Holds; nothing else has to move.')
          }}
        </p>
        <template v-else>
          <p>{{ $t('Alone it breaks this; pinned, the rest is planned around it:') }}</p>
          <ul>
            <li v-for="(broken, i) in move.breaks" :key="i">
              {{ broken.work[broken.work.length - 1] }} {{ broken.words
              }}<template v-if="broken.subject">: {{ broken.subject }}</template
              ><template v-if="broken.minutes"
                >, {{ $t('{n} min', { n: broken.minutes }) }}</template
              >
            </li>
          </ul>
        </template>
      </div>
      <div class="acts">
        <v-btn size="large" color="primary" :loading="pinning" @click="put(false)">{{
          $t('Pin it here')
        }}</v-btn>
        <v-btn
          v-if="work.pinned"
          size="large"
          variant="outlined"
          :loading="pinning"
          @click="put(true)"
          >{{ $t('Let it go') }}</v-btn
        >
      </div>
    </template>
  </aside>
</template>

<style scoped>
.card {
  position: sticky;
  bottom: 0;
  margin-top: 18px;
  padding: 14px 18px 18px;
  background: var(--p-ground);
  border: 2px solid var(--p-still);
  border-radius: 8px;
  max-height: 60vh;
  overflow: auto;
}
header {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  align-items: center;
}
.when {
  font-size: 1.15rem;
}
.link {
  text-decoration: underline;
  min-height: 28px;
  padding: 2px 4px;
}
.steps,
.acts {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  align-items: center;
  margin: 12px 0;
}
.steps .v-btn {
  min-width: 56px;
  min-height: 56px;
}
.acts .v-btn {
  min-height: 56px;
}
.holds {
  color: var(--p-true);
}
ul {
  padding-left: 1.2em;
}
</style>
