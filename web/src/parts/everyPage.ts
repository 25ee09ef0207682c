/** The largest page the server gives. */
const MOST = 200

/** Everything of a list, however long: none of it is cut off by the length of a page. */
export async function everyPage<T>(
  page: (query: { size: number; page: number }) => Promise<{ items: T[] }>,
): Promise<T[]> {
  const found: T[] = []
  for (let at = 0; ; at++) {
    const answer = await page({ size: MOST, page: at })
    found.push(...answer.items)
    if (answer.items.length < MOST) return found
  }
}
