/** Whether the process runs at all; for whoever starts it anew when it does not. */
export default api('nothing', () => ({ live: true }))
