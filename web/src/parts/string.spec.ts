import { describe, expect, it } from 'vitest'
import { along, draw, lift, outBy, bandStatusOf } from './string'

const band = { lowLimit: 30, low: 31, high: 32, highLimit: 33 }
const frame = { left: 20, right: 320, baseline: 40 }

describe('the string', () => {
  it.each([
    [29.9, 'OFF'],
    [30, 'TIGHT'],
    [31, 'IN_BAND'],
    [32, 'IN_BAND'],
    [32.1, 'TIGHT'],
    [33.1, 'OFF'],
  ])('%d °C is %s', (value, bandStatus) => {
    expect(bandStatusOf(value, band)).toBe(bandStatus)
  })

  it('puts limits at the pegs and keeps what is beyond near them', () => {
    expect(along(30, band, frame)).toBe(20)
    expect(along(33, band, frame)).toBe(320)
    expect(along(31.5, band, frame)).toBe(170)
    expect(along(90, band, frame)).toBe(336)
    expect(along(-90, band, frame)).toBe(4)
  })

  it('bows more the nearer the limit', () => {
    expect(lift(31.5, band)).toBeLessThan(lift(30.9, band))
    expect(lift(30.9, band)).toBeLessThan(lift(30.1, band))
    expect(lift(30.1, band)).toBeLessThan(lift(29, band))
  })

  it('is straight while nobody touches it', () => {
    const drawing = draw(band, frame, null)
    expect(drawing.path).toBe('M20 40H320')
    expect(drawing.bead).toBeNull()
    expect(drawing.stretch).toEqual([120, 220])
  })

  it('is one piece in band, and two when it is off', () => {
    const pieces = (value: number) => draw(band, frame, value).path.match(/M/g)?.length
    expect(pieces(31.5)).toBe(1)
    expect(pieces(30.2)).toBe(1)
    expect(pieces(34)).toBe(2)
    expect(pieces(29)).toBe(2)
  })

  it('is plucked where the value lies', () => {
    const drawing = draw(band, frame, 32.5, [32, 33.5])
    expect(drawing.bead?.x).toBe(270)
    expect(drawing.bead?.y).toBeLessThan(40)
    expect(drawing.spread).toEqual([220, 336])
  })

  it('survives a band without width', () => {
    const point = { lowLimit: 45, low: 45, high: 45, highLimit: 45 }
    expect(along(45, point, frame)).toBe(170)
    expect(outBy(46, point)).toBe(1)
  })
})
