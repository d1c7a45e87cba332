-- Whether the shop is open to its own network, and what a device that joins may; one row.
CREATE TABLE shared_door (
  one INTEGER PRIMARY KEY CHECK (one = 1),
  is_open INTEGER NOT NULL,
  may TEXT NOT NULL CHECK (may IN ('READ', 'MARK', 'ALL'))
) STRICT;
-- Devices that were let in. Of what they are known by only the hash is kept.
CREATE TABLE shared_device (
  id TEXT PRIMARY KEY,
  token_hash TEXT NOT NULL UNIQUE,
  name TEXT NOT NULL,
  may TEXT NOT NULL CHECK (may IN ('READ', 'MARK', 'ALL')),
  joined_at TEXT NOT NULL,
  seen_at TEXT NOT NULL
) STRICT;
