/** Whatever no other route of the API answers. */
export default api('nothing', event => {
  throw new Problem(404, 'no-such-route', 'Not found', `There is nothing at ${event.method} ${event.path.split('?')[0]}.`)
})
