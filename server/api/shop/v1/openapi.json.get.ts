import { openApi } from '../../../delivery/openApi'
import { publicAnswer } from '../../../delivery/publicAnswer'

export default publicAnswer(async () => openApi)
