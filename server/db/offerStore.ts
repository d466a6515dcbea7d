import type { Transaction } from 'sequelize'
import type { Offer } from '../../core/offers/offer'
import type { Database } from './database'

export async function readOffers(db: Database): Promise<Map<string, Offer>> {
  return new Map((await db.models.offers.findAll()).map(({ key, offer }) => [key, offer]))
}

/** Null takes it away. */
export async function writeOffer(db: Database, key: string, offer: Offer | null, transaction: Transaction): Promise<void> {
  if (offer) await db.models.offers.upsert({ key, offer }, { transaction })
  else await db.models.offers.destroy({ where: { key }, transaction })
}
