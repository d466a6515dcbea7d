/** What is dragged from the find pane into a lane: a JSON list of target SKUs. */
export const dragType = 'application/x-manada-targets'
