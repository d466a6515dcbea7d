import { counted } from '../../core/text/sentence'

/** What people read here, to be translated in one place. */
export const frameWords = {
  keySheet: {
    whereLettersAct: 'Letters and digits alone act where a list or a lane has the focus, or nothing has.',
    keys: 'Keys',
    anywhere: 'Anywhere',
    ctrlK: 'Ctrl K',
    findAProductAndOpen: 'Find a product and open it',
    ctrlZ: 'Ctrl Z',
    undo: 'Undo',
    ctrlShiftZ: 'Ctrl Shift Z',
    redo: 'Redo',
    thisSheet: 'This sheet',
  },
  wideEditDialog: {
    title: (lanes: number) => `Change ${lanes.toLocaleString('en')} lanes?`,
    verb: (lanes: number) => `Change ${lanes.toLocaleString('en')} lanes`,
    adds: (links: number) => `${counted(links, 'link')} ${links === 1 ? 'comes' : 'come'}.`,
    removes: (links: number) => `${counted(links, 'link')} ${links === 1 ? 'goes' : 'go'}.`,
    largest: (name: string, links: number, plural: string, ceiling: string) =>
      `The largest lane becomes that of “${name}”, with ${links.toLocaleString('en')} ${plural.toLowerCase()}${ceiling}.`,
    ceiling: (ceiling: number) => `; their ceiling is ${ceiling.toLocaleString('en')}`,
    pastCeilings: (lanes: number) => `Also past ceilings, in ${counted(lanes, 'lane')}`,
    leftOut: (links: number) => `Otherwise ${counted(links, 'link')} ${links === 1 ? 'is' : 'are'} left out.`,
  },
  messageBar: {
    close: 'Close',
  },
  studioFrame: {
    reloadThePage: 'Reload the page',
    loading: 'Loading',
  },
  topBar: {
    manadaToTheProducts: 'Manada, to the products',
    manada: 'manada',
    workspaces: 'Workspaces',
    findAProduct: 'Find a product',
    undo: 'Undo',
    undoWithUndo: (undo: string | number) => `Undo: ${undo}`,
    nothingToUndo: 'Nothing to undo',
    redo: 'Redo',
    redoWithRedo: (redo: string | number) => `Redo: ${redo}`,
    nothingToRedo: 'Nothing to redo',
    keys: 'Keys',
    allKeys: 'All keys',
    draft: 'draft',
    drafts: 'drafts',
    whatShoppersDontHaveYet: 'What shoppers don’t have yet',
    releases: 'Releases',
    shoppersHaveEverythingReleases: 'Shoppers have everything: releases',
    openTheShop: 'Open the shop',
  },
  othersHere: {
    alsoHere: (names: string) => `Also here: ${names}`,
  },
  ownMenu: {
    you: (name: string) => `You: ${name}`,
    account: 'Your account',
    settings: 'Settings of the shop',
    people: 'People and tokens',
    signOut: 'Sign out',
    watches: 'You see everything and change nothing: ask an admin for another role.',
  },
  useOpened: {
    manada: 'Manada',
  },
  error: {
    notHere: 'This page is not here',
    over: 'This look at what is drafted is over',
    askAgain: 'Ask whoever sent you here for another link.',
    notNow: 'This page can’t be shown just now',
    mistyped: 'The address may be mistyped, or what it led to is gone.',
    nothingLost: 'Nothing was lost. Please try again in a moment.',
    toTheShop: 'To the shop',
    toTheProducts: 'To the products',
  },
}
