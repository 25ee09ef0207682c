<script setup lang="ts">
// Every figure of a filling, each as a string.
import { computed } from 'vue'
import type { Quality, Sheet } from '@/api/client'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { number, quantity, sentence } from '@/parts/units'

const props = defineProps<{ sheet: Sheet; brief?: boolean }>()
const { taste } = useHouse()
const of = (quality: Quality) => props.sheet.figures.find((f) => f.quality === quality)!.figure

/** What decides first, then what follows. */
const FIRST: Quality[] = ['WATER_ACTIVITY', 'FIRMNESS', 'OIL_SHARE', 'CRYSTAL_SUGAR', 'SWEETNESS']
const REST: Quality[] = [
  'WATER',
  'FREE_WATER',
  'DISSOLVED_SUGAR',
  'FAT',
  'SOLID_FAT_SERVING',
  'SOLID_FAT_STORAGE',
  'FIRMNESS_STORAGE',
  'BITTERNESS',
  'ALCOHOL',
  'ACIDITY',
  'ENERGY',
  'COST',
  'YIELD',
]
const days = computed(() => props.sheet.life.days)
const served = computed(() => props.sheet.textures.find((t) => t.celsius === props.sheet.servingC))
/** Where it is eaten and where it is kept are told apart from the rest. */
const where = (celsius: number) =>
  [
    ...(celsius === props.sheet.servingC ? ['served'] : []),
    ...(celsius === props.sheet.storageC ? ['kept'] : []),
  ].join(', ')
</script>

<template>
  <div>
    <p class="stands">
      <b>{{ served?.words }}</b> at {{ quantity(sheet.servingC, 'CELSIUS', taste) }},
      <template v-if="!sheet.life.keepCold">
        keeps <b>{{ number(days.low ?? days.value, 'DAY', taste) }}</b> to
        <b>{{ quantity(days.high ?? days.value, 'DAY', taste) }}</b> at
        {{ quantity(sheet.storageC, 'CELSIUS', taste) }}
      </template>
      <b v-else>to be kept cold</b>
    </p>
    <p v-if="sheet.life.keepCold" class="caution mb-2">
      {{ sentence(sheet.life.verdict, taste) }}
      {{ number(days.low ?? days.value, 'DAY', taste) }} to
      {{ quantity(days.high ?? days.value, 'DAY', taste) }} there.
    </p>
    <div class="strings">
      <FigureString v-for="q in FIRST" :key="q" :figure="of(q)" />
      <FigureString :figure="sheet.splitRisk" />
      <FigureString v-for="f in sheet.grainRisk" :key="f.name" :figure="f" />
      <FigureString :figure="days" />
      <FigureString v-for="f in sheet.eggHeat" :key="f.name" :figure="f" />
    </div>
    <template v-if="!brief">
      <p class="mt-2">
        {{ sentence(sheet.life.reason, taste) }}
        <template v-if="!sheet.life.keepCold">{{ sentence(sheet.life.verdict, taste) }}</template>
        <template v-else>A laboratory and your local authority decide.</template>
      </p>
      <ul v-if="sheet.life.longer.length" class="longer">
        <li v-for="s in sheet.life.longer" :key="s.template">{{ sentence(s, taste) }}</li>
      </ul>
      <p v-for="c in sheet.cautions" :key="c.template" class="caution mt-2">
        {{ sentence(c, taste) }}
      </p>
      <table class="rows textures mt-3">
        <tbody>
          <tr>
            <th v-for="t in sheet.textures" :key="t.celsius" class="num">
              {{ quantity(t.celsius, 'CELSIUS', taste) }}<small>{{ where(t.celsius) }}</small>
            </th>
          </tr>
          <tr>
            <td v-for="t in sheet.textures" :key="t.celsius">{{ t.words }}</td>
          </tr>
        </tbody>
      </table>
      <div class="plain mt-3">
        <FigureString v-for="q in REST" :key="q" :figure="of(q)" />
        <FigureString :figure="sheet.cost" />
        <FigureString :figure="sheet.density" />
      </div>
      <p v-if="sheet.unpriced.length" class="quiet">
        Without a price: {{ sheet.unpriced.join(', ') }}.
      </p>
      <p class="mt-2">
        Allergens:
        <b>{{
          sheet.allergens.length ? sheet.allergens.map((a) => a.toLowerCase()).join(', ') : 'none'
        }}</b><template v-if="sheet.labelInTheUnitedStates.length"
          >; on a label in the United States:
          {{ sheet.labelInTheUnitedStates.join(', ') }}</template
        >. What touched nuts stays with nuts.
      </p>
    </template>
  </div>
</template>

<style scoped>
.stands {
  font-size: 1.25rem;
  margin-bottom: 4px;
}
.strings {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 2px 22px;
}
.plain {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 0 22px;
}
.longer {
  padding-left: 20px;
}
.textures th,
.textures td {
  padding: 4px 6px;
  font-size: 0.92rem;
  vertical-align: top;
}
.textures small {
  display: block;
}
</style>
