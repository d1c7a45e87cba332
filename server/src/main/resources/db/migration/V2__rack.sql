-- Blanks, the maker's own woods and climates: one document each.
CREATE TABLE rack_item (
  kind TEXT NOT NULL CHECK (kind IN ('blank', 'wood', 'climate')),
  id TEXT NOT NULL,
  revision INTEGER NOT NULL,
  item TEXT NOT NULL,
  removed INTEGER NOT NULL DEFAULT 0,
  saved_at TEXT NOT NULL,
  PRIMARY KEY (kind, id)
) STRICT;

-- Only those that are not the default.
CREATE TABLE house_rule (
  id TEXT PRIMARY KEY,
  value REAL NOT NULL,
  saved_at TEXT NOT NULL
) STRICT;
