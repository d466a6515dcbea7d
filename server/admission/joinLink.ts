import { publicAddress } from '../http/door'

/** The link that an invitation is sent as. Its key stands behind the “#”, which no browser sends along, and no server logs. */
export const joinLink = (key: string) => `${publicAddress()}/join#${key}`
