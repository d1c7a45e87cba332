-- Cutters join the rack.
CREATE TABLE rack_item_with_cutters (
  kind TEXT NOT NULL CHECK (kind IN ('blank', 'wood', 'climate', 'cutter')),
  id TEXT NOT NULL,
  revision INTEGER NOT NULL,
  item TEXT NOT NULL,
  removed INTEGER NOT NULL DEFAULT 0,
  saved_at TEXT NOT NULL,
  PRIMARY KEY (kind, id)
) STRICT;
INSERT INTO rack_item_with_cutters (rowid, kind, id, revision, item, removed, saved_at)
  SELECT rowid, kind, id, revision, item, removed, saved_at FROM rack_item;
DROP TABLE rack_item;
ALTER TABLE rack_item_with_cutters RENAME TO rack_item;

-- A run at the saw: the plan as it was when the first cut was made.
CREATE TABLE saw_run (
  id TEXT PRIMARY KEY,
  box_id TEXT NOT NULL REFERENCES box (id),
  plan TEXT NOT NULL,
  rules TEXT NOT NULL,
  started_at TEXT NOT NULL,
  closed INTEGER NOT NULL DEFAULT 0
) STRICT;

-- Append only: what happened, one after another; two devices cannot write the same one.
CREATE TABLE saw_event (
  run_id TEXT NOT NULL REFERENCES saw_run (id),
  seq INTEGER NOT NULL,
  event TEXT NOT NULL,
  at TEXT NOT NULL,
  PRIMARY KEY (run_id, seq)
) STRICT;
