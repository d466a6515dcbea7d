/** Whether shops can be answered; until then the door answers, with 503. */
export default api('nothing', () => ({ ready: true }))
