ALTER TABLE card ADD COLUMN title TEXT NOT NULL DEFAULT '';
ALTER TABLE card ADD COLUMN pattern TEXT NOT NULL DEFAULT '';
ALTER TABLE card ADD COLUMN job TEXT NOT NULL DEFAULT '';
ALTER TABLE card ADD COLUMN kits INTEGER NOT NULL DEFAULT 0;
ALTER TABLE card ADD COLUMN photo TEXT NOT NULL DEFAULT '';
ALTER TABLE card ADD COLUMN orientation INTEGER NOT NULL DEFAULT 1;
UPDATE card SET
  title = coalesce(json_extract(project, '$.title'), ''),
  pattern = coalesce(json_extract(project, '$.pattern'), ''),
  job = coalesce(json_extract(project, '$.id'), ''),
  kits = coalesce(json_extract(project, '$.order.kits'), 0)
  WHERE json_valid(project);
CREATE TABLE yearly (
  id TEXT PRIMARY KEY,
  who TEXT NOT NULL,
  what TEXT NOT NULL,
  day TEXT NOT NULL
) STRICT;
CREATE TABLE planned (
  id TEXT PRIMARY KEY,
  due TEXT NOT NULL,
  construction TEXT NOT NULL,
  who TEXT NOT NULL,
  what TEXT NOT NULL,
  project TEXT NOT NULL
) STRICT;
CREATE TABLE given (
  id TEXT PRIMARY KEY,
  card TEXT NOT NULL,
  at TEXT NOT NULL,
  copies INTEGER NOT NULL,
  who TEXT NOT NULL
) STRICT;
CREATE TABLE sundry (
  material TEXT NOT NULL,
  width INTEGER NOT NULL,
  amount INTEGER NOT NULL,
  PRIMARY KEY (material, width)
) STRICT;
