import type { Category } from '../core/catalogue/catalogue'
import type { Ground } from './pictures/colours'

const row = (key: string, en: string, de: string, ground: Ground, parent: string | null = null) => ({
  key,
  name: { en, de },
  parent,
  ground,
})

/** The aisles of the shop, each with the ground of its pictures. */
const aisles = [
  row('hives-and-frames', 'Hives', 'Beuten', 'hives'),
  row('hives', 'Complete hives', 'Komplette Beuten', 'hives', 'hives-and-frames'),
  row('hive-parts', 'Boxes, floors and roofs', 'Zargen, Böden und Deckel', 'hives', 'hives-and-frames'),
  row('frames', 'Frames and foundation', 'Rahmen und Mittelwände', 'frames', 'hives-and-frames'),
  row('kits', 'Starter kits', 'Einsteigerpakete', 'kits', 'hives-and-frames'),
  row('tools', 'Tools', 'Werkzeug', 'tools'),
  row('smokers', 'Smokers and fuel', 'Smoker und Rauch', 'tools', 'tools'),
  row('hive-tools', 'Hive tools', 'Stockmeißel und mehr', 'tools', 'tools'),
  row('clothing', 'Clothing', 'Kleidung', 'clothing'),
  row('suits', 'Suits and jackets', 'Overalls und Jacken', 'clothing', 'clothing'),
  row('veils', 'Veils and hats', 'Schleier und Hüte', 'clothing', 'clothing'),
  row('gloves', 'Gloves and gaiters', 'Handschuhe und Gamaschen', 'clothing', 'clothing'),
  row('extraction', 'Extraction', 'Honigernte', 'extraction'),
  row('extractors', 'Extractors', 'Schleudern', 'extraction', 'extraction'),
  row('straining', 'Straining and settling', 'Sieben und Abfüllen', 'extraction', 'extraction'),
  row('uncapping', 'Uncapping', 'Entdeckeln', 'extraction', 'extraction'),
  row('jars-and-labels', 'Jars', 'Gläser', 'jars'),
  row('jars', 'Jars and lids', 'Gläser und Deckel', 'jars', 'jars-and-labels'),
  row('labels', 'Labels and packing', 'Etiketten und Verpackung', 'jars', 'jars-and-labels'),
  row('feeding', 'Feeding and health', 'Füttern und Gesundheit', 'feeding'),
  row('queens', 'Queen rearing', 'Königinnenzucht', 'queens'),
  row('garden', 'Garden', 'Garten', 'garden'),
  row('seed', 'Bee-friendly plants', 'Bienenpflanzen', 'garden', 'garden'),
  row('books', 'Books', 'Bücher', 'books', 'garden'),
]

export const categories: Category[] = aisles.map(({ key, name, parent }) => ({ key, name, parent }))

export const groundOf = (category: string): Ground => aisles.find(each => each.key === category)!.ground
