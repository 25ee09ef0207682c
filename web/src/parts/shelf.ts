import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref, watch, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import { words } from '@/api/client'
import { useTurn } from './turn'

/** How a list of things that are written on screen asks the server. */
export interface Shelf<T extends { id: string }> {
  /** Address of the list: "/larder/moulds". */
  path: string
  /** The one in the address: its id, "new", or nothing. */
  id: () => string | undefined
  /** Words in the address that are no id; "new" is one of them already. */
  acts?: string[]
  page: (query: {
    find: string
    archived: boolean
    page: number
    size: number
  }) => Promise<{ items: T[]; total: number }>
  one: (id: string) => Promise<T>
  putAway: (it: T) => Promise<unknown>
  /** How many stand on a page; as many cards as a screen shows, where nothing is said. */
  size?: number
}

const SIZE = 24

/** A list found by name, a page at a time, those put away apart; one of it may be written. */
export function useShelf<T extends { id: string }>(shelf: Shelf<T>) {
  const router = useRouter()
  const size = shelf.size ?? SIZE
  const find = ref('')
  const archived = ref(false)
  const page = ref(0)
  const items = ref([]) as Ref<T[]>
  const total = ref(0)
  const loaded = ref(false)
  const trouble = ref('')

  const turn = useTurn()
  async function load() {
    const current = turn()
    try {
      const answer = await shelf.page({
        find: find.value,
        archived: archived.value,
        page: page.value,
        size,
      })
      if (!current()) return
      items.value = answer.items
      total.value = answer.total
      trouble.value = ''
    } catch (problem) {
      if (current()) trouble.value = words(problem)
    } finally {
      loaded.value = true
    }
  }
  const soon = useDebounceFn(load, 150)
  watch([find, archived], () => {
    page.value = 0
    void soon()
  })
  watch(page, load)
  onMounted(load)

  /** The one in the address, or a copy of it. */
  const chosen = ref(null) as Ref<T | null>
  const copied = ref(false)
  const isAct = (id?: string) => id === 'new' || Boolean(id && shelf.acts?.includes(id))
  const writing = computed(
    () => Boolean(shelf.id()) && (isAct(shelf.id()) || chosen.value?.id === shelf.id()),
  )
  watch(
    shelf.id,
    async (id) => {
      copied.value = false
      chosen.value = null
      if (!id || isAct(id)) return
      try {
        chosen.value = await shelf.one(id)
        trouble.value = ''
      } catch (problem) {
        trouble.value = words(problem)
      }
    },
    { immediate: true },
  )

  async function back() {
    await router.push(shelf.path)
  }
  async function saved() {
    await load()
    await back()
  }
  async function putAway(it: T) {
    try {
      await shelf.putAway(it)
      await load()
    } catch (problem) {
      trouble.value = words(problem)
    }
  }
  async function copy(it: T) {
    await router.push(`${shelf.path}/${it.id}`)
    copied.value = true
  }
  const pages = computed(() => Math.ceil(total.value / size))
  return {
    find,
    archived,
    page,
    items,
    loaded,
    trouble,
    load,
    chosen,
    copied,
    writing,
    back,
    saved,
    putAway,
    copy,
    pages,
  }
}

/** An id while its list knows it: until the list is here a field would show the bare id. */
export const known = (list: readonly { id: string }[], id: string) =>
  list.some((each) => each.id === id) ? id : null
