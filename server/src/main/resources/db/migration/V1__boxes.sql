CREATE TABLE box (
  id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL,
  plan TEXT NOT NULL,
  archived INTEGER NOT NULL DEFAULT 0,
  saved_at TEXT NOT NULL
) STRICT;

-- Append only: every saved state of every plan.
CREATE TABLE box_history (
  box_id TEXT NOT NULL REFERENCES box (id),
  revision INTEGER NOT NULL,
  plan TEXT NOT NULL,
  saved_at TEXT NOT NULL,
  PRIMARY KEY (box_id, revision)
) STRICT;

CREATE TABLE test_cut (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  box_id TEXT NOT NULL REFERENCES box (id),
  reading TEXT NOT NULL,
  made_at TEXT NOT NULL,
  removed INTEGER NOT NULL DEFAULT 0
) STRICT;

CREATE INDEX test_cut_of_box ON test_cut (box_id, made_at);
