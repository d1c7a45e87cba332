-- Jigs join the rack.
CREATE TABLE rack_item_with_jigs (
  kind TEXT NOT NULL CHECK (kind IN ('blank', 'wood', 'climate', 'cutter', 'jig')),
  id TEXT NOT NULL,
  revision INTEGER NOT NULL,
  item TEXT NOT NULL,
  removed INTEGER NOT NULL DEFAULT 0,
  saved_at TEXT NOT NULL,
  PRIMARY KEY (kind, id)
) STRICT;
INSERT INTO rack_item_with_jigs (rowid, kind, id, revision, item, removed, saved_at)
  SELECT rowid, kind, id, revision, item, removed, saved_at FROM rack_item;
DROP TABLE rack_item;
ALTER TABLE rack_item_with_jigs RENAME TO rack_item;
