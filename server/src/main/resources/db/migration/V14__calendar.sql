-- When the shop is open, and in which zone; one row.
CREATE TABLE shop_hours (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  hours TEXT NOT NULL,
  zone TEXT NOT NULL
) STRICT;

-- Steps that are done, by box.
CREATE TABLE step_done (
  box_id TEXT NOT NULL REFERENCES box (id),
  step TEXT NOT NULL,
  at TEXT NOT NULL,
  PRIMARY KEY (box_id, step)
) STRICT;

-- Boxes that are finished; what was learned is a line of the book, with its photos.
CREATE TABLE finished (
  box_id TEXT PRIMARY KEY REFERENCES box (id),
  note_id INTEGER NOT NULL REFERENCES note (id),
  day TEXT NOT NULL,
  hours REAL
) STRICT;
CREATE INDEX finished_note ON finished (note_id);

-- Finishes join the rack.
CREATE TABLE rack_item_with_finishes (
  kind TEXT NOT NULL CHECK (kind IN ('blank', 'wood', 'climate', 'cutter', 'jig', 'finish')),
  id TEXT NOT NULL,
  revision INTEGER NOT NULL,
  item TEXT NOT NULL,
  removed INTEGER NOT NULL DEFAULT 0,
  saved_at TEXT NOT NULL,
  PRIMARY KEY (kind, id)
) STRICT;
INSERT INTO rack_item_with_finishes (rowid, kind, id, revision, item, removed, saved_at)
  SELECT rowid, kind, id, revision, item, removed, saved_at FROM rack_item;
DROP TABLE rack_item;
ALTER TABLE rack_item_with_finishes RENAME TO rack_item;
