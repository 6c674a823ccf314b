import { type Correction, typedIn } from '@/parts/useCorrection'
import { useDraft } from '@/parts/useDraft'

/** What is typed into a test over several things, new or in the place of an earlier entry. */
export function useJointDraft<Body extends object>(
  name: string,
  begins: Body,
  unit: string,
  wrong: Correction<Body> | null,
) {
  const draft = useDraft(
    wrong ? `${name} correcting ${wrong.entry}` : name,
    wrong ? typedIn(wrong, begins, unit) : begins,
    unit,
    1,
  )
  return {
    ...draft,
    headers: wrong?.headers ?? {},
    /** When it is recorded. */
    done: () => {
      draft.clear()
      wrong?.end()
    },
  }
}
