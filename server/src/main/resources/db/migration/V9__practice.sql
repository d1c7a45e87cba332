-- A round is its seed and what was done in it; all else follows. Acts are only ever added.
CREATE TABLE practice_round (
  id TEXT PRIMARY KEY,
  seed INTEGER NOT NULL,
  level TEXT NOT NULL,
  way TEXT NOT NULL,
  started_at TEXT NOT NULL
) STRICT;

CREATE TABLE practice_act (
  round_id TEXT NOT NULL REFERENCES practice_round (id),
  seq INTEGER NOT NULL,
  act TEXT NOT NULL,
  at TEXT NOT NULL,
  PRIMARY KEY (round_id, seq)
) STRICT;

CREATE TABLE practice_drill (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  kind TEXT NOT NULL,
  subject TEXT NOT NULL,
  seed INTEGER NOT NULL,
  choice INTEGER NOT NULL,
  is_right INTEGER NOT NULL,
  at TEXT NOT NULL
) STRICT;
