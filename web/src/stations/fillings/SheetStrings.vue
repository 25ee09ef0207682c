<script setup lang="ts">
// Every figure of a filling, each as a string.
import { t } from '@/words'
import { allergenList } from '@/parts/kinds'
import { asList } from '@/words/locale'
import { computed } from 'vue'
import type { Quality, Sheet } from '@/api/client'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { number, quantity, sentence } from '@/parts/units'
import { useRecipe } from './recipe'

const props = defineProps<{ sheet: Sheet; brief?: boolean }>()
const { bench } = useRecipe()
/** Of what was read from a text and not looked at yet no life is told, on whichever tab. */
const unseen = computed(() => bench.value.unseen)
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
const served = computed(() =>
  props.sheet.textures.find((texture) => texture.celsius === props.sheet.servingC),
)
/** Where it is eaten and where it is kept are told apart from the rest. */
const where = (celsius: number) =>
  asList([
    ...(celsius === props.sheet.servingC ? [t('served')] : []),
    ...(celsius === props.sheet.storageC ? [t('kept')] : []),
  ])
</script>

<template>
  <div>
    <i18n-t
      tag="p"
      class="stands"
      scope="global"
      :keypath="
        unseen
          ? '{words} at {servingC}'
          : sheet.life.keepCold
            ? '{words} at {servingC}, {cold}'
            : '{words} at {servingC}, keeps {low} to {high} at {storageC}'
      "
    >
      <template #words>
        <b>{{ served?.words }}</b>
      </template>
      <template #servingC>
        {{ quantity(sheet.servingC, 'CELSIUS', taste) }}
      </template>
      <template #cold>
        <b>{{ $t('to be kept cold') }}</b>
      </template>
      <template #low>
        <b>{{ number(days.low ?? days.value, 'DAY', taste) }}</b>
      </template>
      <template #high>
        <b>{{ quantity(days.high ?? days.value, 'DAY', taste) }}</b>
      </template>
      <template #storageC>
        {{ quantity(sheet.storageC, 'CELSIUS', taste) }}
      </template>
    </i18n-t>
    <p v-if="sheet.life.keepCold && !unseen" class="caution mb-2">
      {{
        $t('{verdict} {low} to {high} there.', {
          verdict: sentence(sheet.life.verdict, taste),
          low: number(days.low ?? days.value, 'DAY', taste),
          high: quantity(days.high ?? days.value, 'DAY', taste),
        })
      }}
    </p>
    <div class="strings">
      <FigureString v-for="q in FIRST" :key="q" :figure="of(q)" />
      <FigureString :figure="sheet.splitRisk" />
      <FigureString v-for="f in sheet.grainRisk" :key="f.name" :figure="f" />
      <FigureString v-if="!unseen" :figure="days" />
      <FigureString v-if="sheet.crunch" :figure="sheet.crunch" />
      <FigureString v-for="f in sheet.eggHeat" :key="f.name" :figure="f" />
    </div>
    <template v-if="!brief">
      <p v-if="!unseen" class="mt-2">
        {{ sentence(sheet.life.reason, taste) }}
        <template v-if="!sheet.life.keepCold">{{ sentence(sheet.life.verdict, taste) }}</template>
        <template v-else>{{ $t('A laboratory and your local authority decide.') }}</template>
      </p>
      <ul v-if="sheet.life.longer.length && !unseen" class="longer">
        <li v-for="s in sheet.life.longer" :key="s.template">{{ sentence(s, taste) }}</li>
      </ul>
      <slot name="reading" />
      <p v-for="c in sheet.cautions" :key="c.template" class="caution mt-2">
        {{ sentence(c, taste) }}
      </p>
      <table class="rows textures mt-3">
        <tbody>
          <tr>
            <th v-for="at in sheet.textures" :key="at.celsius" class="num">
              {{ quantity(at.celsius, 'CELSIUS', taste) }}<small>{{ where(at.celsius) }}</small>
            </th>
          </tr>
          <tr>
            <td v-for="at in sheet.textures" :key="at.celsius">{{ at.words }}</td>
          </tr>
        </tbody>
      </table>
      <div class="plain mt-3">
        <FigureString v-for="q in REST" :key="q" :figure="of(q)" />
        <FigureString :figure="sheet.cost" />
        <FigureString :figure="sheet.density" />
      </div>
      <p v-if="sheet.unpriced.length" class="quiet">
        {{ $t('Without a price: {unpriced}.', { unpriced: asList(sheet.unpriced) }) }}
      </p>
      <p class="mt-2">
        <i18n-t scope="global" keypath="Allergens: {allergens}">
          <template #allergens>
            <b>{{ sheet.allergens.length ? allergenList(sheet.allergens) : $t('none') }}</b>
          </template> </i18n-t
        ><template v-if="sheet.labelInTheUnitedStates.length">{{
          $t('; on a label in the United States: {labelInTheUnitedStates}', {
            labelInTheUnitedStates: asList(sheet.labelInTheUnitedStates),
          })
        }}</template
        >{{ $t('. What touched nuts stays with nuts.') }}
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
