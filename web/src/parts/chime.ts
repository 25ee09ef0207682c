/** Two short tones. Browsers stay silent until the page has been touched once; then so do we. */
export function chime() {
  if (!('AudioContext' in window)) return
  const audio = new AudioContext()
  for (const [at, pitch] of [
    [0, 660],
    [0.22, 880],
  ] as const) {
    const tone = audio.createOscillator()
    const level = audio.createGain()
    tone.frequency.value = pitch
    level.gain.setValueAtTime(0.25, audio.currentTime + at)
    level.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.2)
    tone.connect(level).connect(audio.destination)
    tone.start(audio.currentTime + at)
    tone.stop(audio.currentTime + at + 0.2)
  }
  setTimeout(() => void audio.close(), 800)
}
