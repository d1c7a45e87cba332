-- A batch's cut plan as it was when the first board was cut by it: it stays in sight while the others are cut, and after.
CREATE TABLE cut_plan (
  box_id TEXT PRIMARY KEY REFERENCES box (id),
  plan TEXT NOT NULL,
  kept_at TEXT NOT NULL
) STRICT;
