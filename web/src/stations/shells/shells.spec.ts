import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { components } from '@/api/schema'
import ShellSection from './ShellSection.vue'
import { request, type Casting } from './order'

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

type Cast = components['schemas']['CastView']
/** A cup of 10 mm, 2 mm thick everywhere. */
function cup(thick: number): Cast {
  const place = (acrossMm: number, downMm: number, inX: number, inY: number) => ({
    acrossMm,
    downMm,
    thickMm: thick,
    innerAcrossMm: acrossMm + inX,
    innerDownMm: downMm + inY,
  })
  const figure = { value: thick, unit: 'MILLIMETRE' }
  return {
    wall: [
      { acrossMm: 8, downMm: 0 },
      { acrossMm: 8, downMm: 10 },
    ],
    places: [place(1, 10, 0, -thick), place(7, 10, 0, -thick), place(8, 2, -thick, 0)],
    couvertureKind: 'DARK',
    mean: figure,
    floor: figure,
    side: figure,
  } as unknown as Cast
}

describe('the shell cut through', () => {
  it('is drawn to scale, both sides of it', () => {
    const svg = mount(ShellSection, { props: { cast: cup(2) } })
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
    const svg = mount(ShellSection, { props: { cast: cup(2), beside: cup(1) } })
    expect(svg.find('.beside').attributes('d')).toContain('7 8')
  })
})
