-- Machines join the rack.
CREATE TABLE rack_item_with_machines (
  kind TEXT NOT NULL CHECK (kind IN ('blank', 'wood', 'climate', 'cutter', 'jig', 'finish', 'machine')),
  id TEXT NOT NULL,
  revision INTEGER NOT NULL,
  item TEXT NOT NULL,
  removed INTEGER NOT NULL DEFAULT 0,
  saved_at TEXT NOT NULL,
  PRIMARY KEY (kind, id)
) STRICT;
INSERT INTO rack_item_with_machines (rowid, kind, id, revision, item, removed, saved_at)
  SELECT rowid, kind, id, revision, item, removed, saved_at FROM rack_item;
DROP TABLE rack_item;
ALTER TABLE rack_item_with_machines RENAME TO rack_item;
