import { troubles } from '../../running/troubles'

/** Whether shops can be answered, until then the door answers, with 503; and what whoever runs the server has to see to. */
export default api('nothing', () => ({ ready: true, troubles: troubles() }))
