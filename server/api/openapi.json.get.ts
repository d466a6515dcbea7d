import { programsApi } from '../openApi/programsApi'

/** What programs may do besides what a shop calls. */
export default api('nothing', () => programsApi)
