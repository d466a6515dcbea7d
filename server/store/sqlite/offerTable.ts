import type { Offer } from '../../../core/offers/offer'
import type { RecordTable } from './recordTable'

export const offerTable: RecordTable<Offer | null> = {
  async* read(db) {
    for (const { key, offer } of await db.models.offers.findAll()) yield { source: '', kind: key, value: offer }
  },
  async write(db, changes, transaction) {
    for (const { kind: key, after } of changes) {
      if (after === null) await db.models.offers.destroy({ where: { key }, transaction })
      else await db.models.offers.upsert({ key, offer: after }, { transaction })
    }
  },
}
