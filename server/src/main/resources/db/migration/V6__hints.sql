-- Which hints this shop does not want to hear, and what was answered to one of a box.
CREATE TABLE hint_silenced (call TEXT PRIMARY KEY, at TEXT NOT NULL);
CREATE TABLE hint_answer (
  box_id TEXT NOT NULL,
  call TEXT NOT NULL,
  answer TEXT NOT NULL,
  at TEXT NOT NULL,
  PRIMARY KEY (box_id, call)
);
