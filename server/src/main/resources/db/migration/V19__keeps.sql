-- States of a box that were given a name; they stay when the history is thinned.
CREATE TABLE box_keep (
  box_id TEXT NOT NULL REFERENCES box (id),
  revision INTEGER NOT NULL,
  name TEXT NOT NULL,
  PRIMARY KEY (box_id, revision)
) STRICT;
CREATE INDEX box_history_by_time ON box_history (saved_at);
