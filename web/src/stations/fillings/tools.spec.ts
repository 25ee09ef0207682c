import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import NumberField from '@/parts/NumberField.vue'
import CoolRest from './CoolRest.vue'
import CookSugar from './CookSugar.vue'
import RememberIt from './RememberIt.vue'
import { useRecipe } from './recipe'
import SizeIt from './SizeIt.vue'
import StartRecipe from './StartRecipe.vue'
import TryLayers from './TryLayers.vue'
import WaterLayers from './WaterLayers.vue'

const FigureString = {
  props: ['figure'],
  template: '<div class="figure">{{ figure.name }} {{ figure.value }}</div>',
}
const LineChart = { props: ['lines', 'band'], template: '<div class="chart" />' }
const VDialog = { template: '<div><slot /></div>' }
const global = {
  plugins: [createVuetify()],
  stubs: { FigureString, LineChart, VDialog, SheetStrings: true },
}
const figure = (name: string, value: number, unit = 'ONE') => ({ name, value, unit })
const asked: { url: string; body: string }[] = []
const last = (path: string) => {
  const all = asked.filter((a) => a.url.includes(path))
  return all[all.length - 1]
}

/** Answers by the end of the path; what is not foreseen is an empty list. */
function answering(answers: Record<string, unknown>, status = 200) {
  vi.stubGlobal('fetch', async (request: Request) => {
    asked.push({ url: request.url, body: await request.text() })
    const path = new URL(request.url).pathname
    // The bench looks at its recipe by itself; that is not what is asked about here.
    const found = Object.entries({
      ...answers,
      '/sheet': {
        figures: [],
        allergens: [],
        cautions: [],
        life: { keepCold: true, verdict: { template: 'Keep at 4 °C.', values: [] } },
      },
    }).find(([end]) => path.endsWith(end))
    return new Response(JSON.stringify(found ? found[1] : []), {
      status: found ? status : 200,
      headers: {
        'content-type': found && status >= 400 ? 'application/problem+json' : 'application/json',
      },
    })
  })
}
const settled = async () => {
  await new Promise((r) => setTimeout(r, 150))
  await flushPromises()
}
const press = async (shown: ReturnType<typeof mount>, words: string) => {
  const button = shown.findAll('button').find((b) => b.text() === words)
  expect(button, words).toBeDefined()
  await button!.trigger('click')
  await settled()
}
const type = async (shown: ReturnType<typeof mount>, label: string, value: string) => {
  const field = shown.findAllComponents(NumberField).find((f) => f.props('label') === label)
  expect(field, label).toBeDefined()
  await field!.find('input').setValue(value)
  await field!.find('input').trigger('blur')
  await settled()
}

beforeEach(() => {
  asked.length = 0
  useRecipe().bench.value = {
    id: 'plum',
    number: 2,
    changed: false,
    recipe: {
      name: 'Plum ganache',
      style: 'SOFT_SHELL',
      version: 0,
      operations: [{ kind: 'BOIL', lines: [{ ingredient: 'cream-35', amount: 200, unit: 'g' }] }],
    },
  }
})
afterEach(() => vi.unstubAllGlobals())

describe('size by moulds', () => {
  const scaled = {
    factor: 0.571234,
    yieldG: 496,
    rounds: 1,
    says: [{ template: '128 pieces.', values: [] }],
    recipe: {
      name: 'Plum ganache',
      style: 'SOFT_SHELL',
      version: 0,
      operations: [
        {
          kind: 'BOIL',
          lines: [
            { ingredient: 'cream-35', amount: 130.6913, unit: 'g' },
            { ingredient: 'salt', amount: 1.13642, unit: 'g' },
            { ingredient: 'honey', amount: 12.6, unit: 'tbsp' },
          ],
        },
      ],
    },
    measured: [
      [
        { grams: 130.6913, spoons: [] },
        { grams: 1.13642, spoons: [] },
        {
          grams: 268.4,
          spoons: [
            { amount: 0.75, unit: 'cup' },
            { amount: 1, unit: 'tbsp' },
          ],
        },
      ],
    ],
  }
  const holding = [
    { id: 'plum-bay', name: 'Plum & bay', eachG: 3.6, cavitiesPerMould: 32, layers: 1 },
  ]

  it('tells the server what one piece holds and how many there are, and no surplus', async () => {
    answering({ '/pieces/holding': holding, '/scale': scaled })
    const shown = mount(SizeIt, { global })
    await settled()
    await press(shown, 'Moulds or pieces')
    const body = JSON.parse(last('/scale')!.body)
    expect(body.eachG).toBe(3.6)
    expect(body.pieces).toBe(128)
    expect(body.yieldG).toBeNull()
    expect(shown.find('.says').text()).toContain('128 pieces')
  })

  it('counts pieces where they come out of no mould', async () => {
    const rolled = { id: 'truffle', name: 'Truffle', eachG: 9, cavitiesPerMould: 0, layers: 1 }
    answering({ '/pieces/holding': [rolled], '/scale': scaled })
    const shown = mount(SizeIt, { global })
    await settled()
    await press(shown, 'Moulds or pieces')
    const body = JSON.parse(last('/scale')!.body)
    expect(body.eachG).toBe(9)
    expect(body.pieces).toBe(4)
  })

  it('measures by spoon and cup as a hand does, with the grams beside', async () => {
    answering({ '/pieces/holding': holding, '/scale': scaled })
    const shown = mount(SizeIt, { global })
    await settled()
    const rows = shown.findAll('.list tr').map((row) => row.findAll('td').map((td) => td.text()))
    expect(rows.map((row) => row[1])).toEqual(['', '', '¾ cup + 1 tbsp'])
    expect(rows.map((row) => row[2])).toEqual(['131\u00a0g', '1.1\u00a0g', '268\u00a0g'])
  })

  it('sizes what is in no piece by the mould, with a shell and cap to be set', async () => {
    const { bench } = useRecipe()
    bench.value = { ...bench.value, number: 0 }
    const rooms = [{ id: 'bar', name: 'Bars', cavities: 21, owned: 6, eachG: 8, pieces: 60 }]
    answering({ '/pieces/rooms': rooms, '/scale': scaled })
    const shown = mount(SizeIt, { global })
    await settled()
    await press(shown, 'Moulds or pieces')
    const body = JSON.parse(last('/scale')!.body)
    expect(body.eachG).toBe(8)
    expect(body.pieces).toBe(84)
    await type(shown, 'Shell', '2.2')
    const asked = JSON.parse(last('/pieces/rooms')!.body)
    expect(asked.shellMm).toBe(2.2)
    expect(asked.on.filling).toBeNull()
  })

  it('finds its pieces when the recipe arrives after the page', async () => {
    const { bench } = useRecipe()
    bench.value = { ...bench.value, number: 0 }
    answering({ '/pieces/holding': holding, '/scale': scaled })
    const shown = mount(SizeIt, { global })
    await settled()
    await press(shown, 'Moulds or pieces')
    expect(JSON.parse(last('/scale')!.body).eachG).toBeUndefined()
    bench.value = { ...bench.value, number: 1 }
    await settled()
    await settled()
    expect(JSON.parse(last('/scale')!.body).eachG).toBe(3.6)
  })

  it('prints the sheet or the label, one at a time', async () => {
    const leftover = {
      name: 'Plum ganache',
      grams: 60,
      made: '2026-11-25',
      useBy: '2026-11-28',
      keepCold: true,
      allergens: ['MILK'],
      ideas: [],
    }
    answering({ '/pieces/holding': [], '/scale': { ...scaled, leftover } })
    const printed = vi.fn()
    vi.stubGlobal('print', printed)
    const shown = mount(SizeIt, { global })
    await settled()
    expect(shown.find('.jar').text()).toContain('use by 2026-11-28. Keep at 4.0\u00a0°C or colder')
    await press(shown, 'Print the label')
    expect(shown.find('.tool').attributes('data-print')).toBe('jar')
    await press(shown, 'Print the sheet')
    expect(
      shown
        .findAll('.only-print')
        .map((p) => p.text())
        .join(),
    ).toContain('Keep at 4 °C.')
    expect(shown.find('.tool').attributes('data-print')).toBe('sheet')
    expect(printed).toHaveBeenCalledTimes(2)
  })

  it('asks for what is at hand by its line', async () => {
    answering({ '/pieces/holding': [], '/scale': scaled })
    const shown = mount(SizeIt, { global })
    await settled()
    await press(shown, 'At hand')
    const body = JSON.parse(last('/scale')!.body)
    expect(body.line).toBe(0)
    expect(body.grams).toBe(500)
    expect(body.pieces).toBeNull()
  })
})

describe('cooling and resting', () => {
  const cooling = {
    minutes: [0, 30, 60],
    celsius: [60, 40, 28],
    firmness: [0, 1, 3],
    toPiping: figure('cool enough to pipe after', 58, 'MINUTE'),
    closes: figure('too stiff to pipe from', 190, 'MINUTE'),
    pipesFrom: 1.25,
    pipesTo: 4.5,
    after24h: figure('firmness after a day', 4),
    practices: [
      {
        practice: 'ROOM_24_H',
        words: '24 h at room temperature',
        says: 'Sets slowly.',
        celsius: 18,
        solidPercent: 52,
        firmness: 4,
        texture: 'pipeable',
      },
    ],
    butter: [{ practice: 'AT_30', words: 'at about 30 to 35 °C, soft', says: 'Rounder.' }],
  }

  it('says when it pipes and draws the band the server sends', async () => {
    answering({ '/cooling': cooling, '/pieces/holding': [] })
    const shown = mount(CoolRest, { global })
    await settled()
    expect(shown.find('h1').text()).toBe('Into shells after 58\u00a0min, before 3:10\u00a0h')
    const charts = shown.findAllComponents(LineChart)
    expect(charts[1]!.props('band')).toEqual({ from: 1.25, to: 4.5, name: 'pipeable' })
    expect(shown.text()).toContain('24 h at room temperature')
    expect(shown.text()).toContain('Rounder.')
  })

  it('says so where the room is too warm', async () => {
    answering({ '/cooling': { ...cooling, toPiping: null, closes: null }, '/holding': [] })
    const shown = mount(CoolRest, { global })
    await settled()
    expect(shown.find('h1').text()).toBe('It does not get cool enough in this room')
  })

  it('shows what was refused and keeps the field', async () => {
    answering({ '/cooling': { detail: 'depth is 900.0 mm; allowed: 2 to 300 mm' } }, 400)
    const shown = mount(CoolRest, { global })
    await settled()
    expect(shown.find('.trouble').text()).toContain('depth is 900')
  })
})

describe('remembering', () => {
  const versions = [
    { number: 2, savedAt: '2026-11-24T08:00:00Z', note: 'less water' },
    { number: 1, savedAt: '2026-11-20T08:00:00Z', note: 'read in' },
  ]
  const open = async () => {
    const shown = mount(RememberIt, { global })
    await settled()
    const what = shown.findComponent({ name: 'VSelect' })
    what.vm.$emit('update:modelValue', 'WATER_ACTIVITY')
    await settled()
    return shown
  }

  it('corrects the meter by its salts and notes the corrected value', async () => {
    answering({
      '/versions': { items: versions },
      '/notes': { items: [] },
      '/difference': { amounts: [], doings: [] },
      '/meter': figure('water activity, corrected', 0.861),
    })
    const shown = await open()
    await type(shown, 'Meter shows', '0.87')
    await type(shown, 'shows', '0.76')
    await press(shown, 'Correct the meter')
    const sent = JSON.parse(last('/meter')!.body)
    expect(sent).toEqual({
      shown: 0.87,
      salts: [{ salt: 'SODIUM_CHLORIDE', shown: 0.76, celsius: 20 }],
    })
    expect(shown.find('.figure').text()).toContain('0.861')
    await shown.find('form').trigger('submit')
    await settled()
    expect(JSON.parse(last('/notes')!.body).measured).toBe(0.861)
  })

  it('forgets a correction when another value is read', async () => {
    answering({
      '/versions': { items: versions },
      '/notes': { items: [] },
      '/difference': { amounts: [], doings: [] },
      '/meter': figure('water activity, corrected', 0.861),
    })
    const shown = await open()
    await type(shown, 'Meter shows', '0.87')
    await press(shown, 'Correct the meter')
    await type(shown, 'Meter shows', '0.80')
    expect(shown.text()).not.toContain('0.861')
    await shown.find('form').trigger('submit')
    await settled()
    expect(JSON.parse(last('/notes')!.body).measured).toBe(0.8)
  })

  it('asks for the difference of the last two versions by itself', async () => {
    answering({
      '/versions': { items: versions },
      '/notes': { items: [] },
      '/difference': {
        amounts: [{ ingredient: 'Cream 35 %', fromG: 200, toG: 180 }],
        doings: ['rest 24 h instead of 12 h'],
      },
    })
    const shown = mount(RememberIt, { global })
    await settled()
    expect(last('/difference')!.url).toContain('from=1&to=2')
    expect(shown.text()).toContain('Cream 35 %')
    expect(shown.text()).toContain('rest 24 h instead of 12 h')
  })
})

describe('an answer that comes late', () => {
  it('does not speak over that of the recipe now on the bench', async () => {
    const { bench } = useRecipe()
    const late: (() => void)[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      const path = new URL(request.url).pathname
      const of = path.includes('/slow/') ? 'slow' : 'quick'
      if (of === 'slow') await new Promise<void>((go) => late.push(go))
      const body = path.endsWith('/notes')
        ? {
            items: [
              { number: 1, notedAt: '2026-10-01T10:00:00Z', kind: 'TASTING', score: 5, words: of },
            ],
          }
        : path.endsWith('/sheet')
          ? {
              figures: [],
              allergens: [],
              cautions: [],
              life: { keepCold: true, verdict: { template: 'Keep at 4 °C.', values: [] } },
            }
          : { items: [] }
      return new Response(JSON.stringify(body), {
        headers: { 'content-type': 'application/json' },
      })
    })
    bench.value = { ...bench.value, id: 'slow', number: 1 }
    const shown = mount(RememberIt, { global })
    await settled()
    bench.value = { ...bench.value, id: 'quick' }
    await settled()
    expect(shown.find('.answer').text()).toContain('quick')
    // One answer may lead to the next question: let them all come.
    for (let round = 0; round < 3; round++) {
      late.splice(0).forEach((go) => go())
      await settled()
    }
    expect(shown.find('.answer').text()).toContain('quick')
    expect(shown.find('.answer').text()).not.toContain('slow')
  })
})

describe('starting a recipe', () => {
  const read = {
    name: 'Quince ganache',
    format: 'text',
    operations: [
      {
        kind: 'BOIL',
        settings: {},
        asks: [],
        lines: [
          {
            raw: '200 g cream',
            amount: 200,
            unit: 'g',
            words: 'cream',
            ingredient: 'cream-35',
            sureness: 'SURE',
            candidates: [],
          },
          {
            raw: '1/2 tsp moon dust',
            amount: 0.5,
            unit: 'tsp',
            words: 'moon dust',
            sureness: 'UNKNOWN',
            candidates: [],
          },
        ],
      },
    ],
    unused: [{ text: 'Serve on a silver tray.', parts: [], putFirst: false }],
    unmatched: 1,
    text: '',
    spans: [],
    pots: [],
  }

  it('offers what a line may mean, and leaves out what stays unanswered with its operation', async () => {
    const { bench, benchWords } = useRecipe()
    benchWords.value = {
      operations: [
        { kind: 'BOIL', words: 'boil', lines: 'TAKEN', settings: [] },
        { kind: 'POUR', words: 'pour over', lines: 'WANTED', settings: [] },
      ],
      styles: [],
      types: [],
    } as never
    const doubtful = (raw: string, ...names: string[]) => ({
      raw,
      amount: 100,
      unit: 'g',
      words: raw,
      ingredient: null,
      sureness: 'GUESSED',
      candidates: names.map((name) => ({ id: name.toLowerCase(), name, score: 0.7 })),
    })
    answering({
      '/read': {
        ...read,
        style: 'CUT_SLAB',
        operations: [
          { kind: 'BOIL', settings: {}, asks: [], lines: [doubtful('syrup', 'Glucose', 'Invert')] },
          { kind: 'POUR', settings: {}, asks: [], lines: [doubtful('moon rock')] },
        ],
      },
    })
    const shown = mount(StartRecipe, { global, props: { modelValue: true } })
    await shown.find('textarea').setValue('syrup, moon rock')
    await press(shown, 'Read it')
    expect(shown.findAll('.doubt')).toHaveLength(2)
    expect(shown.find('.doubt').text()).toContain('left out until you say')
    await press(shown, 'Invert')
    expect(shown.find('.doubt').text()).not.toContain('left out')
    expect(shown.find('.acts .trouble').text()).toContain('moon rock')
    await press(shown, 'Use without 1 of them')
    expect(bench.value.recipe.style).toBe('CUT_SLAB')
    expect(bench.value.recipe.operations.map((op) => op.kind)).toEqual(['BOIL'])
    expect(bench.value.recipe.operations[0]!.lines![0]!.ingredient).toBe('invert')
  })

  it('asks for the heat the text does not say, and goes on only with an answer', async () => {
    const { bench, benchWords } = useRecipe()
    benchWords.value = {
      operations: [
        {
          kind: 'TEMPER_YOLKS',
          words: 'temper yolks',
          lines: 'WANTED',
          settings: [
            { setting: 'TEMPERATURE_C', words: 'temperature', unit: 'CELSIUS', usual: 85 },
            { setting: 'MINUTES', words: 'minutes', unit: 'MINUTE', usual: 1 },
          ],
        },
      ],
      styles: [],
      types: [],
    } as never
    answering({
      '/read': {
        ...read,
        operations: [
          {
            kind: 'TEMPER_YOLKS',
            settings: { MINUTES: 2 },
            asks: ['TEMPERATURE_C'],
            lines: [read.operations[0]!.lines[0]!],
          },
        ],
        unused: [{ text: 'Temper the yolks for luck', parts: ['luck'], putFirst: false }],
      },
    })
    const shown = mount(StartRecipe, { global, props: { modelValue: true } })
    await shown.find('textarea').setValue('temper yolks')
    await press(shown, 'Read it')
    expect(shown.text()).toContain('minutes 2\u00a0min')
    expect(shown.text()).toContain('The text does not say it')
    expect(shown.find('.unused').text().replace(/\s+/g, ' ')).toContain(
      'luck in “Temper the yolks for luck”',
    )
    const go = shown.findAll('button').find((b) => b.text() === 'Use this recipe')!
    expect(go.attributes('disabled')).toBeDefined()
    await shown.find('.asked input').setValue('84')
    expect(go.attributes('disabled')).toBeUndefined()
    await go.trigger('click')
    expect(bench.value.recipe.operations[0]!.settings).toEqual({ MINUTES: 2, TEMPERATURE_C: 84 })
  })

  it('asks about what it does not know and says what it left out', async () => {
    answering({ '/read': read })
    const shown = mount(StartRecipe, { global, props: { modelValue: true } })
    await shown.find('textarea').setValue('Quince ganache\n200 g cream\n1/2 tsp moon dust')
    await press(shown, 'Read it')
    expect(shown.text()).toContain('Which of the larder is meant?')
    expect(shown.text()).toContain('1/2 tsp moon dust')
    expect(shown.text()).toContain('Serve on a silver tray.')
    await press(shown, 'Use without 1 of them')
    const { bench } = useRecipe()
    expect(bench.value.recipe.name).toBe('Quince ganache')
    expect(bench.value.recipe.operations[0]!.lines).toHaveLength(1)
    expect(shown.emitted('begun')).toBeTruthy()
  })

  it('keeps the text where it cannot be read', async () => {
    answering({ '/read': { detail: 'recipe text is no line with an amount' } }, 400)
    const shown = mount(StartRecipe, { global, props: { modelValue: true } })
    await shown.find('textarea').setValue('The sea was calm')
    await press(shown, 'Read it')
    expect(shown.find('.trouble').text()).toContain('no line with an amount')
    expect(shown.find('textarea').element.value).toBe('The sea was calm')
  })
})

/** A cut with these fillings in it. */
function cutOf(...names: string[]) {
  return { regions: names.map((name) => ({ role: 'FILLING', name })) }
}

describe('water between layers', () => {
  it('opens at the piece that holds the filling on the bench', async () => {
    answering({
      '/api/pieces': {
        items: [
          { id: 'one', name: 'One', cut: cutOf('A', 'B') },
          { id: 'two', name: 'Two', cut: cutOf('Plum ganache', 'Crisp') },
          { id: 'three', name: 'Three', cut: cutOf('Plum ganache') },
        ],
        total: 3,
      },
      '/moisture': {
        piece: 'Two',
        layers: ['Plum ganache', 'Crisp'],
        crispLayer: 1,
        bare: [],
        behindFat: [],
        factor: 1,
        softFrom: 0.35,
        softAt: 0.4,
        softTo: 0.5,
        bites: [],
      },
    })
    mount(WaterLayers, { global })
    await settled()
    expect(last('/moisture')!.url).toContain('/api/pieces/two/moisture')
  })
})

const sugar = {
  read: figure('read here', 109.5, 'CELSIUS'),
  truth: figure('true', 110, 'CELSIUS'),
  seaLevel: figure('at sea level', 115, 'CELSIUS'),
  water: figure('water left', 12, 'PERCENT'),
  yield: figure('yield', 400, 'GRAM'),
  waterActivity: figure('water activity', 0.6),
  stage: 'SOFT_BALL',
  stageWords: 'soft ball',
  boilsHere: figure('water boils here', 95, 'CELSIUS'),
  offsetK: 0.5,
  drops: [
    {
      stage: 'SOFT_BALL',
      seaC: 114.5,
      onPlate: { acrossMm: 15.2, highMm: 3.7, ball: false },
      inWater: { acrossMm: 9.8, highMm: 9.8, ball: true },
      feel: 'flattens between the fingers',
      colour: '#faf1dc',
      colourWords: 'clear',
    },
  ],
  dropsFrom: ['a pool that spreads'],
  cautions: [{ template: 'Sugar this hot burns deep.', values: [] }],
}

describe('cooking sugar', () => {
  it('shows what the thermometer here shall read, and the caution at the stove', async () => {
    answering({ '/sugar': sugar })
    useRecipe().benchWords.value = {
      ...useRecipe().benchWords.value,
      stages: [{ stage: 'SOFT_BALL', words: 'soft ball', fromC: 112, toC: 117 }],
    } as never
    const shown = mount(CookSugar, { global })
    await settled()
    expect(shown.find('.big').text()).toContain('109.5')
    expect(shown.find('.caution').text()).toContain('burns deep')
    expect(
      shown.findAll('.drop').map((d) => d.attributes('aria-label')?.replace(/\s/g, ' ')),
    ).toEqual(['9.8 mm across, 9.8 mm high', '15.2 mm across, 3.7 mm high'])
    expect(shown.text()).toContain('yours flattens between the fingers')
  })

  it('cooks the pot of the recipe where it has one, and sets what came of it', async () => {
    const { bench } = useRecipe()
    bench.value.recipe.operations = [
      { kind: 'ADD', lines: [{ ingredient: 'cream-35', amount: 200, unit: 'g' }] },
      { kind: 'COOK_SUGAR', settings: { TEMPERATURE_C: 116 }, lines: [] },
    ]
    answering({ '/sugar': sugar })
    const shown = mount(CookSugar, { global })
    await settled()
    expect(JSON.parse(last('/sugar')!.body).recipe.operations).toHaveLength(2)
    const put = () => shown.findAll('button').find((b) => b.text().startsWith('Cook the recipe to'))
    expect(put()!.text()).toContain('110.0')
    await put()!.trigger('click')
    await settled()
    expect(bench.value.recipe.operations[1]!.settings!.TEMPERATURE_C).toBe(110)
    expect(bench.value.changed).toBe(true)
    expect(put()).toBeUndefined()
    await press(shown, 'Another pan')
    const pan = JSON.parse(last('/sugar')!.body).recipe.operations
    expect(pan).toHaveLength(1)
    expect(pan[0].lines[0].ingredient).toBe('sugar')
  })
})

describe('layers that are only thought of', () => {
  it('ask with the recipe on the bench, a filling of the books and what is left as its share', async () => {
    const { fillings } = useRecipe()
    fillings.value = [
      { id: 'plum', name: 'Plum ganache', style: 'SOFT_SHELL', number: 2 },
      { id: 'crisp', name: 'Crisp', style: 'CRISP_LAYER', number: 1 },
    ]
    answering({
      '/moulds': { items: [{ id: 'bar', name: 'Bars' }], total: 1 },
      '/fillings/crisp': {
        id: 'crisp',
        number: 1,
        recipe: { name: 'Crisp', version: 0, style: 'CRISP_LAYER', operations: [] },
      },
      '/moisture': { layers: ['Plum ganache', 'Crisp'], crispLayer: 1 },
    })
    const shown = mount(TryLayers, { props: { barrierMm: 0.3, days: 60 }, global })
    await settled()
    await settled()
    const body = JSON.parse(last('/moisture')!.body)
    expect(body.mould).toBe('bar')
    expect(body.layers.map((l: { share: number }) => l.share)).toEqual([0.6, 0.4])
    expect(body.layers[0].on.recipe.name).toBe('Plum ganache')
    expect(body.layers[1].on.filling).toBe('crisp')
    expect(shown.emitted('answered')!.length).toBeGreaterThan(0)
    await type(shown, 'Share', '75')
    expect(shown.text()).toContain('25 %')
    await press(shown, 'One more layer')
    expect(JSON.parse(last('/moisture')!.body).layers).toHaveLength(3)
    expect(shown.text()).toContain('5 %')
  })

  it('hand on why it cannot be', async () => {
    const { fillings } = useRecipe()
    fillings.value = []
    answering({ '/moulds': { items: [{ id: 'bar', name: 'Bars' }], total: 1 } })
    const shown = mount(TryLayers, { props: { barrierMm: 0.3, days: 60 }, global })
    await settled()
    answering({ '/moisture': { detail: 'fat barrier is 9 mm' } }, 400)
    await shown.setProps({ barrierMm: 9 })
    await settled()
    await settled()
    expect(shown.emitted('refused')!.at(-1)![0]).toContain('fat barrier is 9 mm')
  })
})
