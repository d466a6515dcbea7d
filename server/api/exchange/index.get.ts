import { fileFormatKeys, fileFormatOf } from '../../../core/exchange/formats/registry'
import { fileKindKeys, fileKindOf } from '../../../core/exchange/kinds/registry'
import type { ExchangeAnswer } from '../../../core/studio/exchangeAnswers'

/** The kinds and formats of files that can be brought in and taken out. */
export default api('viewer', (): ExchangeAnswer => ({
  kinds: fileKindKeys.map(kind => {
    const {
      words: { name, holds },
      columns,
      toldBy,
    } = fileKindOf(kind)
    return { kind, name, holds, columns: [...columns], toldBy }
  }),
  formats: fileFormatKeys.map(format => {
    const { name, mediaType, extension } = fileFormatOf(format)
    return { format, name, mediaType, extension }
  }),
}))
