/** An id from a name: short, plain, not one that is taken. */
export function idOf(name: string, taken: string[], fallback: string): string {
  const plain =
    name
      .normalize('NFD')
      .replace(/[^\w\s-]/g, '')
      .trim()
      .toLowerCase()
      .replace(/[\s_]+/g, '-')
      .slice(0, 56) || fallback
  let id = plain
  for (let n = 2; taken.includes(id); n++) id = `${plain}-${n}`
  return id
}
