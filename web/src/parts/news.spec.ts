import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

class Stream extends EventTarget {
  static all: Stream[] = []
  readyState = 0
  onopen: (() => void) | null = null
  onerror: (() => void) | null = null
  constructor(readonly url: string) {
    super()
    Stream.all.push(this)
  }
  open() {
    this.readyState = 1
    this.onopen?.()
  }
  say(name: string, data: string) {
    this.dispatchEvent(new MessageEvent(name, { data }))
  }
}

describe('news', () => {
  beforeEach(() => {
    Stream.all = []
    vi.resetModules()
    vi.stubGlobal('EventSource', Stream)
  })
  afterEach(() => vi.unstubAllGlobals())

  it('come by one stream, however many listen', async () => {
    const { onNews } = await import('./news')
    const heard: string[] = []
    onNews('batch', (id) => heard.push(`batch ${id}`))
    const stop = onNews('bowl', (id) => heard.push(`bowl ${id}`))
    onNews('readings', (json) => heard.push(json))
    expect(Stream.all.map((s) => s.url)).toEqual(['/api/news'])
    const [stream] = Stream.all
    stream!.say('batch', 'a')
    stream!.say('bowl', 'b')
    stop()
    stream!.say('bowl', 'c')
    stream!.say('readings', '{}')
    expect(heard).toEqual(['batch a', 'bowl b', '{}'])
  })

  it('ask for everything anew whenever the line opens', async () => {
    const { onNewsOpened, useNews } = await import('./news')
    let asked = 0
    onNewsOpened(() => asked++)
    const [stream] = Stream.all
    stream!.open()
    expect(asked).toBe(1)
    stream!.onerror?.()
    expect(useNews().answering.value).toBe(false)
    stream!.open()
    expect(asked).toBe(2)
    expect(useNews().answering.value).toBe(true)
    // One that comes later, on an open line, asks at once.
    let late = 0
    onNewsOpened(() => late++)
    expect(late).toBe(1)
  })
})
