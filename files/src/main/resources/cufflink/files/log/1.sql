CREATE TABLE card (
  id TEXT PRIMARY KEY,
  made TEXT NOT NULL,
  construction TEXT NOT NULL,
  copies INTEGER NOT NULL,
  person TEXT NOT NULL,
  occasion TEXT NOT NULL,
  minutes INTEGER NOT NULL,
  stars INTEGER NOT NULL,
  changed TEXT NOT NULL,
  next_time TEXT NOT NULL,
  words TEXT NOT NULL,
  project TEXT NOT NULL
) STRICT;
CREATE INDEX card_made ON card (made, id);
CREATE TABLE done (
  number INTEGER PRIMARY KEY AUTOINCREMENT,
  job TEXT NOT NULL,
  what TEXT NOT NULL,
  piece TEXT NOT NULL,
  copy INTEGER NOT NULL,
  kind TEXT NOT NULL,
  at TEXT NOT NULL
) STRICT;
CREATE INDEX done_job ON done (job, number);
