-- Work that comes again, as it was done: charges of batteries among it. What is due is derived and stands nowhere.
CREATE TABLE care (
    rig_id     TEXT NOT NULL REFERENCES rig (id),
    task       TEXT NOT NULL,
    day        TEXT NOT NULL,
    rest_v     REAL,
    written_at TEXT NOT NULL,
    PRIMARY KEY (rig_id, task, day)
) STRICT;

PRAGMA user_version = 8;
