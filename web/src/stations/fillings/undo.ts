import { useDebounceFn, useManualRefHistory } from '@vueuse/core'
import { computed, type Ref } from 'vue'

const MOST = 60
/** Typing and dragging without a pause is one step. */
const PAUSE_MS = 500

/** Steps back and forth through what was changed. */
export function useSteps<T>(source: Ref<T>) {
  const history = useManualRefHistory(source, {
    capacity: MOST,
    clone: (value) => JSON.parse(JSON.stringify(value)) as T,
  })
  const pending = () => JSON.stringify(history.last.value.snapshot) !== JSON.stringify(source.value)
  const commit = () => {
    if (pending()) history.commit()
  }
  return {
    /** What stands now is a step to come back to. */
    commit,
    /** Something was changed: after a pause it is a step. */
    mark: useDebounceFn(commit, PAUSE_MS),
    canUndo: computed(() => history.canUndo.value || pending()),
    canRedo: computed(() => history.canRedo.value && !pending()),
    undo() {
      commit()
      history.undo()
    },
    redo() {
      if (!pending()) history.redo()
    },
    /** From here on; what was before is not gone back to. */
    forget() {
      commit()
      history.clear()
    },
  }
}
