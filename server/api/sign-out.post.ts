import { signOut } from '../admission/signedIn'

export default api('nothing', async event => {
  await signOut(event)
  setResponseStatus(event, 204)
  return null
})
