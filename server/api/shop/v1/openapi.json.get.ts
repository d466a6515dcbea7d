import { deliveryApi } from '../../../openApi/deliveryApi'
import { publicAnswer } from '../../../delivery/publicAnswer'

export default publicAnswer(async () => deliveryApi)
