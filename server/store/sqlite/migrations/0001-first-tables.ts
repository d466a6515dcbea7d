import type { Migration } from './migration'

export const firstTables: Migration = {
  name: '0001-first-tables',
  statements: [
    `CREATE TABLE settings (key TEXT PRIMARY KEY, value JSON NOT NULL) WITHOUT ROWID`,
    `CREATE TABLE products (
      id INTEGER PRIMARY KEY, sku TEXT NOT NULL UNIQUE, gtin TEXT, name JSON NOT NULL, title TEXT NOT NULL COLLATE NOCASE, brand TEXT,
      tags JSON NOT NULL, price INTEGER CHECK (price >= 0), was INTEGER CHECK (was >= 0), cost INTEGER CHECK (cost >= 0),
      stock INTEGER NOT NULL, status TEXT NOT NULL CHECK (status IN ('active', 'draft', 'retired')), released TEXT,
      attributes JSON NOT NULL, image TEXT, description JSON NOT NULL
    )`,
    `CREATE INDEX products_by_title ON products (title, sku)`,
    `CREATE VIRTUAL TABLE product_search USING fts5 (
      title, sku, gtin, brand, tags, categories, content = '', contentless_delete = 1,
      tokenize = 'unicode61 remove_diacritics 2', prefix = '1 2 3'
    )`,
    `CREATE TABLE variants (
      id INTEGER PRIMARY KEY, productId INTEGER NOT NULL REFERENCES products (id) ON DELETE CASCADE, position INTEGER NOT NULL,
      sku TEXT NOT NULL UNIQUE, gtin TEXT, options JSON NOT NULL, price INTEGER CHECK (price >= 0), stock INTEGER NOT NULL,
      status TEXT CHECK (status IN ('active', 'draft', 'retired')), image TEXT
    )`,
    `CREATE INDEX variants_of_product ON variants (productId, position)`,
    // A SKU names one thing: no variant may have a product's, nor the other way round.
    `CREATE TRIGGER variant_sku_is_free BEFORE INSERT ON variants WHEN EXISTS (SELECT 1 FROM products WHERE sku = NEW.sku)
    BEGIN SELECT RAISE(ABORT, 'a product has this SKU'); END`,
    `CREATE TRIGGER product_sku_is_free BEFORE INSERT ON products WHEN EXISTS (SELECT 1 FROM variants WHERE sku = NEW.sku)
    BEGIN SELECT RAISE(ABORT, 'a variant has this SKU'); END`,
    `CREATE TABLE categories (
      id INTEGER PRIMARY KEY, key TEXT NOT NULL UNIQUE, name JSON NOT NULL,
        parentId INTEGER REFERENCES categories (id), position INTEGER NOT NULL
    )`,
    `CREATE TABLE product_categories (
      productId INTEGER NOT NULL REFERENCES products (id) ON DELETE CASCADE,
      categoryId INTEGER NOT NULL REFERENCES categories (id) ON DELETE CASCADE, position INTEGER NOT NULL,
      PRIMARY KEY (productId, categoryId)
    ) WITHOUT ROWID`,
    `CREATE INDEX products_of_category ON product_categories (categoryId, productId)`,
    `CREATE TABLE articles (
      id INTEGER PRIMARY KEY, key TEXT NOT NULL UNIQUE, title JSON NOT NULL, body JSON NOT NULL, image TEXT, position INTEGER NOT NULL
    )`,
    `CREATE TABLE article_products (
      articleId INTEGER NOT NULL REFERENCES articles (id) ON DELETE CASCADE,
      productId INTEGER NOT NULL REFERENCES products (id) ON DELETE CASCADE, position INTEGER NOT NULL,
      PRIMARY KEY (articleId, productId)
    ) WITHOUT ROWID`,
    `CREATE TABLE orders (id INTEGER PRIMARY KEY, number TEXT NOT NULL UNIQUE, placed TEXT NOT NULL)`,
    `CREATE TABLE order_lines (
      orderId INTEGER NOT NULL REFERENCES orders (id) ON DELETE CASCADE, line INTEGER NOT NULL, sku TEXT NOT NULL,
      quantity INTEGER NOT NULL CHECK (quantity > 0), unitPrice INTEGER NOT NULL CHECK (unitPrice >= 0), PRIMARY KEY (orderId, line)
    ) WITHOUT ROWID`,
    `CREATE TABLE link_kinds (
      key TEXT PRIMARY KEY, name JSON NOT NULL, plural JSON NOT NULL, glyph TEXT NOT NULL, expectation TEXT NOT NULL,
      ceiling INTEGER, mutual INTEGER NOT NULL, position INTEGER NOT NULL
    ) WITHOUT ROWID`,
    `CREATE TABLE links (
      sourceId INTEGER NOT NULL REFERENCES products (id) ON DELETE CASCADE, kind TEXT NOT NULL REFERENCES link_kinds (key),
      place INTEGER NOT NULL CHECK (place >= 1), targetId INTEGER NOT NULL REFERENCES products (id) ON DELETE CASCADE,
      variantId INTEGER REFERENCES variants (id) ON DELETE CASCADE,
      PRIMARY KEY (sourceId, kind, place), CHECK (sourceId <> targetId)
    ) WITHOUT ROWID`,
    `CREATE UNIQUE INDEX links_without_doubles ON links (targetId, sourceId, kind, ifnull(variantId, 0))`,
    `CREATE TABLE journal (
      id INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, editor TEXT NOT NULL, type TEXT NOT NULL, command JSON NOT NULL,
      words TEXT NOT NULL, changes JSON NOT NULL, state TEXT NOT NULL CHECK (state IN ('done', 'undone', 'dropped'))
    )`,
    `CREATE INDEX journal_of_editor ON journal (editor, state, id)`,
    `INSERT INTO link_kinds (key, name, plural, glyph, expectation, ceiling, mutual, position) VALUES
      ('related', '{"en":"related"}', '{"en":"Related"}', 'rings', 'none', 8, 1, 1),
      ('upsell', '{"en":"upsell"}', '{"en":"Upsells"}', 'stairs', 'dearer', 3, 0, 2),
      ('cross-sell', '{"en":"cross-sell"}', '{"en":"Cross-sells"}', 'cross', 'none', 6, 0, 3),
      ('accessory', '{"en":"accessory"}', '{"en":"Accessories"}', 'hook', 'cheaper', 6, 0, 4)`,
    `INSERT INTO settings (key, value) VALUES
      ('shop', '{"name":"My shop","currency":"EUR","language":"en","languages":["en"],"productUrl":"/shop/products/{sku}"}')`,
  ],
}
