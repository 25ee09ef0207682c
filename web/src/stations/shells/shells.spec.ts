import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import MouldTicks from './MouldTicks.vue'
import ShellSection from './ShellSection.vue'
import { request, type Casting } from './order'
import { useAnswer } from './useAnswer'

const casting: Casting = {
  couverture: 'dark-66',
  mould: 'half-28',
  bowlC: null,
  stablePercent: 1,
  mouldC: null,
  roomC: null,
  vibration: 'TAPPED',
  drainS: 20,
  rockedDegrees: 0,
  asked: 'WAIT',
  waitS: 60,
  meanMm: 1.6,
  massG: 2,
}

describe('what is asked of a casting', () => {
  it('is the number that belongs to the question', () => {
    expect(request(casting)?.value).toBe(60)
    expect(request({ ...casting, asked: 'MEAN' })?.value).toBe(1.6)
    expect(request({ ...casting, asked: 'MASS' })?.value).toBe(2)
  })
  it('is not asked before it is whole', () => {
    expect(request({ ...casting, couverture: '' })).toBeNull()
    expect(request({ ...casting, mould: '' })).toBeNull()
    expect(request({ ...casting, waitS: null })).toBeNull()
    // No wait at all is an answer too.
    expect(request({ ...casting, waitS: 0 })?.value).toBe(0)
  })
})

/** A cup of 10 mm, 2 mm thick everywhere. */
function cup(thick: number) {
  const place = (acrossMm: number, downMm: number, inX: number, inY: number) => ({
    acrossMm,
    downMm,
    thickMm: thick,
    innerAcrossMm: acrossMm + inX,
    innerDownMm: downMm + inY,
  })
  return {
    wall: [
      { acrossMm: 8, downMm: 0 },
      { acrossMm: 8, downMm: 10 },
    ],
    places: [place(1, 10, 0, -thick), place(7, 10, 0, -thick), place(8, 2, -thick, 0)],
    kind: 'DARK' as const,
    spoken: 'Shell',
  }
}

describe('the shell cut through', () => {
  it('is drawn to scale, both sides of it', () => {
    const svg = mount(ShellSection, { props: cup(2) })
    const box = svg.find('svg').attributes('viewBox')!.split(' ').map(Number)
    expect(box).toEqual([-10, -2, 20, 14])
    const path = svg.find('path').attributes('d')!
    // Its inside lies two millimetres off the floor and off either wall.
    expect(path).toContain('7 2')
    expect(path).toContain('6 8')
    expect(path).toContain('-6 8')
    expect(svg.find('.beside').exists()).toBe(false)
  })
  it('shows another beside it as a line', () => {
    const svg = mount(ShellSection, { props: { ...cup(2), beside: cup(1).places } })
    expect(svg.find('.beside').attributes('d')).toContain('7 8')
  })
})

describe('a mould to tick', () => {
  it('goes from loose to stuck to broken and back, and counts them', async () => {
    const mould = mount(MouldTicks, {
      props: {
        cavities: 6,
        rows: 2,
        modelValue: {},
        'onUpdate:modelValue': (marks: Record<number, 'stuck' | 'broken'>) =>
          mould.setProps({ modelValue: marks }),
      },
    })
    const second = mould.findAll('button')[1]!
    expect(mould.findAll('button')).toHaveLength(6)
    expect(mould.find('.mould').attributes('style')).toContain('--across: 3')
    await second.trigger('click')
    expect(second.attributes('aria-label')).toContain('stuck')
    expect(mould.text()).toContain('5 loose, 1 stuck, 0 broken')
    await second.trigger('click')
    expect(mould.text()).toContain('5 loose, 0 stuck, 1 broken')
    await second.trigger('click')
    expect(mould.text()).toContain('6 loose, 0 stuck, 0 broken')
  })
})

describe('an answer that follows the fields', () => {
  it('counts the last question only, and keeps the answer beside a refusal', async () => {
    const field = ref({ n: 1 })
    const waiting: Record<number, (value: number) => void> = {}
    let refuse = false
    const kept = {} as { it: ReturnType<typeof useAnswer<number>> }
    mount({
      setup() {
        kept.it = useAnswer<number>([field], () => {
          if (field.value.n === 0) return null
          if (refuse) return Promise.reject(new Error('no'))
          return new Promise((done) => (waiting[field.value.n] = done))
        })
        return () => null
      },
    })
    field.value.n = 2
    void kept.it.look()
    waiting[2]!(20)
    await flushPromises()
    waiting[1]!(10)
    await flushPromises()
    expect(kept.it.answer.value).toBe(20)
    refuse = true
    await kept.it.look()
    expect(kept.it.answer.value).toBe(20)
    expect(kept.it.refused.value).not.toBe('')
    field.value.n = 0
    refuse = false
    await kept.it.look()
    expect(kept.it.answer.value).toBe(20)
  })
  it('does not stand for a field that was emptied', async () => {
    const field = ref({ n: 1 as number | null })
    const blank = ref(false)
    const kept = {} as { it: ReturnType<typeof useAnswer<number>> }
    mount({
      setup() {
        kept.it = useAnswer<number>(
          [field],
          () => (field.value.n === null ? null : Promise.resolve(7)),
          blank,
        )
        return () => null
      },
    })
    await flushPromises()
    expect(kept.it.answer.value).toBe(7)
    field.value.n = null
    await kept.it.look()
    expect(kept.it.answer.value).toBeNull()
    expect(kept.it.refused.value).toContain('missing')
    blank.value = true
    await kept.it.look()
    expect(kept.it.refused.value).toBe('')
  })
})
