import type { CreationOptional, InferAttributes, InferCreationAttributes, Sequelize, Model, ModelStatic } from 'sequelize'
import { DataTypes } from 'sequelize'
import type { Article, Category } from '../../../core/catalogue/catalogue'
import type { NeighbourSettings } from '../../../core/catalogue/neighbours'
import type { Product, Variant } from '../../../core/catalogue/product'
import type { Change } from '../../../core/records/registry'
import type { JournalEntry, Write } from '../journal'
import type { OrderReduction } from '../orders'
import type { LinkKind } from '../../../core/links/kind'
import type { DraftedSort, DraftedThings } from '../../../core/releases/draftedSorts'
import { forEachSort } from '../../../core/releases/draftedSorts'
import type { ReleaseContent, ReleaseHead, Schedule } from '../../../core/releases/release'
import type { Versions } from '../../../core/sections/versions'

type Row<M extends Model> = Model<InferAttributes<M>, InferCreationAttributes<M>>

export interface ProductModel extends Row<ProductModel>, Omit<Product, 'categories' | 'variants'> {
  id: number
  /** The name in the shop's default language: what lists sort by. */
  title: string
}
export interface VariantModel extends Row<VariantModel>, Variant {
  id: number
  productId: number
  position: number
}
export interface CategoryRow extends Row<CategoryRow>, Omit<Category, 'parent'> {
  id: number
  parentId: number | null
  position: number
}
export interface ProductCategoryRow extends Row<ProductCategoryRow> {
  productId: number
  categoryId: number
  position: number
}
export interface ArticleRow extends Row<ArticleRow>, Omit<Article, 'products'> {
  id: number
  position: number
}
export interface ArticleProductRow extends Row<ArticleProductRow> {
  articleId: number
  productId: number
  position: number
}
export interface OrderRow extends Row<OrderRow> {
  id: number
  number: string
  placed: string
}
export interface OrderLineRow extends Row<OrderLineRow> {
  orderId: number
  line: number
  sku: string
  quantity: number
  unitPrice: number
  total: number
  within: number | null
  chosen: CreationOptional<string | null>
  reductions: CreationOptional<OrderReduction[] | null>
  origin: CreationOptional<string | null>
}
export interface LinkKindRow extends Row<LinkKindRow>, LinkKind {
  position: number
}
export interface LinkRow extends Row<LinkRow> {
  sourceId: number
  kind: string
  place: number
  targetId: number
  variantId: number | null
  activeFrom: string | null
  activeUntil: string | null
  note: string | null
}
export interface DismissedRow extends Row<DismissedRow> {
  sourceId: number
  kind: string
  place: number
  targetId: number
}
export interface NeighboursRow extends Row<NeighboursRow>, NeighbourSettings {
  productId: number
}
export interface SwitchedOffRow extends Row<SwitchedOffRow> {
  productId: number
  section: string
}
/** What is drafted and published of a sort. */
export interface DraftedRow<Thing> extends Row<DraftedRow<Thing>>, Versions<Thing> {
  key: string
}
export interface PutAsideRow extends Row<PutAsideRow> {
  source: string
  finding: string
  reason: string
}
export interface BrandMarkRow extends Row<BrandMarkRow> {
  brand: string
  image: string
}
export interface ReleaseRow extends Row<ReleaseRow>, Omit<ReleaseHead, 'number'>, ReleaseContent {
  number: CreationOptional<number>
}
export interface ScheduleRow extends Row<ScheduleRow>, Schedule {}
export interface SettingRow extends Row<SettingRow> {
  key: string
  value: unknown
}

export interface JournalRow extends Row<JournalRow>, Omit<JournalEntry, 'id'> {
  id: CreationOptional<number>
}
export interface ChangeLogRow extends Row<ChangeLogRow>, Omit<Write, 'number' | 'piece' | 'changes'> {
  number: CreationOptional<number>
  /** The piece of the entry that was written; null: all of it, or there is no entry. */
  piece: number | null
  changes: Change[] | null
}
/** The words of a column definition, so that the tables below read as tables. Fresh each time: Sequelize writes into them. */
const id = () => ({ type: DataTypes.INTEGER, primaryKey: true })
const key = () => ({ type: DataTypes.TEXT, primaryKey: true })
const part = () => ({ type: DataTypes.INTEGER, primaryKey: true })
const text = () => ({ type: DataTypes.TEXT, allowNull: false })
const maybeText = () => ({ type: DataTypes.TEXT, allowNull: true })
const whole = () => ({ type: DataTypes.INTEGER, allowNull: false })
const maybeWhole = () => ({ type: DataTypes.INTEGER, allowNull: true })
const yesOrNo = () => ({ type: DataTypes.BOOLEAN, allowNull: false })
const json = () => ({ type: DataTypes.JSON, allowNull: false })
const maybeJson = () => ({ type: DataTypes.JSON, allowNull: true })

/** Sequelize's models of the tables that the migrations create. */
export function defineModels(sequelize: Sequelize) {
  const drafted = forEachSort(sort => sequelize.define(sort, { key: key(), live: maybeJson(), draft: maybeJson() })) as {
    [Sort in DraftedSort]: ModelStatic<DraftedRow<DraftedThings[Sort]>>
  }
  return {
    products: sequelize.define<ProductModel>('products', {
      id: id(),
      sku: text(),
      gtin: maybeText(),
      name: json(),
      title: text(),
      brand: maybeText(),
      tags: json(),
      price: maybeWhole(),
      was: maybeWhole(),
      cost: maybeWhole(),
      stock: maybeWhole(),
      status: text(),
      released: maybeText(),
      attributes: json(),
      image: maybeText(),
      description: json(),
      bundle: maybeJson(),
    }),
    variants: sequelize.define<VariantModel>('variants', {
      id: id(),
      productId: whole(),
      position: whole(),
      sku: text(),
      gtin: maybeText(),
      options: json(),
      price: maybeWhole(),
      stock: maybeWhole(),
      status: maybeText(),
      image: maybeText(),
    }),
    categories: sequelize.define<CategoryRow>('categories', {
      id: id(),
      key: text(),
      name: json(),
      parentId: maybeWhole(),
      position: whole(),
    }),
    productCategories: sequelize.define<ProductCategoryRow>('product_categories', {
      productId: part(),
      categoryId: part(),
      position: whole(),
    }),
    articles: sequelize.define<ArticleRow>('articles', {
      id: id(),
      key: text(),
      title: json(),
      body: json(),
      image: maybeText(),
      position: whole(),
    }),
    articleProducts: sequelize.define<ArticleProductRow>('article_products', { articleId: part(), productId: part(), position: whole() }),
    orders: sequelize.define<OrderRow>('orders', { id: id(), number: text(), placed: text() }),
    orderLines: sequelize.define<OrderLineRow>('order_lines', {
      orderId: part(),
      line: part(),
      sku: text(),
      quantity: whole(),
      unitPrice: whole(),
      total: whole(),
      within: maybeWhole(),
      chosen: maybeText(),
      reductions: maybeJson(),
      origin: maybeText(),
    }),
    linkKinds: sequelize.define<LinkKindRow>('link_kinds', {
      key: key(),
      name: json(),
      plural: json(),
      glyph: text(),
      expectation: text(),
      ceiling: maybeWhole(),
      mutual: yesOrNo(),
      retired: yesOrNo(),
      position: whole(),
    }),
    links: sequelize.define<LinkRow>('links', {
      sourceId: part(),
      kind: key(),
      place: part(),
      targetId: whole(),
      variantId: maybeWhole(),
      activeFrom: maybeText(),
      activeUntil: maybeText(),
      note: maybeText(),
    }),
    dismissed: sequelize.define<DismissedRow>('dismissed', { sourceId: part(), kind: key(), place: part(), targetId: whole() }),
    neighbours: sequelize.define<NeighboursRow>('neighbours', { productId: part(), ignored: json(), leaveOut: json() }),
    switchedOff: sequelize.define<SwitchedOffRow>('switched_off', { productId: part(), section: key() }),
    ...drafted,
    putAside: sequelize.define<PutAsideRow>('put_aside', { source: key(), finding: key(), reason: text() }),
    brandMarks: sequelize.define<BrandMarkRow>('brand_marks', { brand: key(), image: text() }),
    releases: sequelize.define<ReleaseRow>('releases', {
      number: { ...id(), autoIncrement: true },
      at: text(),
      note: text(),
      words: text(),
      editor: text(),
      ...forEachSort(maybeJson),
    }),
    schedules: sequelize.define<ScheduleRow>('schedules', {
      key: key(),
      at: text(),
      note: text(),
      ...forEachSort(json),
    }),
    settings: sequelize.define<SettingRow>('settings', { key: key(), value: json() }),
    journal: sequelize.define<JournalRow>('journal', {
      id: { ...id(), autoIncrement: true },
      at: text(),
      editor: text(),
      type: text(),
      command: json(),
      words: text(),
      state: text(),
    }),
    changeLog: sequelize.define<ChangeLogRow>('change_log', {
      number: { ...id(), autoIncrement: true },
      at: text(),
      type: text(),
      words: text(),
      editor: text(),
      entry: maybeWhole(),
      piece: maybeWhole(),
      changes: maybeJson(),
    }),
  }
}
export type Models = ReturnType<typeof defineModels>
