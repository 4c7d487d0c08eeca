import { useAsk } from '~/shared/ui/useAsk'
import { useUnsaved } from '~/stores/unsaved'

/** Leaving a form in which something was changed asks first. */
export default defineNuxtRouteMiddleware(async (to, from) => {
  // choosing a place on the same screen leaves nothing
  if (to.path === from.path && to.query.add === from.query.add) return
  const unsaved = useUnsaved()
  const [first] = unsaved.changed()
  if (!first) return
  const leave = await useAsk().ask({
    title: 'Leave without saving?',
    text: `What you changed in ${first} is not saved yet.`,
    yes: 'Leave without saving',
    no: 'Go on with it',
  })
  if (!leave) return abortNavigation()
  unsaved.letGo()
})
