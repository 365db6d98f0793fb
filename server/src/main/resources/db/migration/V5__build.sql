-- Building a rig: when and where, an order that somebody made, what was ticked, notes and photos. Steps are derived from the
-- rig and stand nowhere: they are named by their ids, which stay as the rig changes.
CREATE TABLE workshop (
    rig_id     TEXT NOT NULL PRIMARY KEY REFERENCES rig (id),
    first_day  TEXT NOT NULL,
    zone       TEXT NOT NULL,
    celsius    REAL NOT NULL,
    evening_h  REAL NOT NULL,
    saturday_h REAL NOT NULL,
    sunday_h   REAL NOT NULL
) STRICT;

CREATE TABLE step_order (
    rig_id   TEXT    NOT NULL REFERENCES rig (id),
    position INTEGER NOT NULL,
    step     TEXT    NOT NULL,
    PRIMARY KEY (rig_id, position),
    UNIQUE (rig_id, step)
) STRICT;

-- facts: what the step stood on when it was ticked, so that it can be said what has changed
CREATE TABLE tick (
    rig_id      TEXT NOT NULL REFERENCES rig (id),
    step        TEXT NOT NULL,
    item        TEXT NOT NULL,
    fingerprint TEXT NOT NULL,
    title       TEXT NOT NULL,
    facts       TEXT NOT NULL,
    ticked_at   TEXT NOT NULL,
    PRIMARY KEY (rig_id, step, item)
) STRICT;

CREATE TABLE step_note (
    rig_id     TEXT NOT NULL REFERENCES rig (id),
    step       TEXT NOT NULL,
    text       TEXT NOT NULL,
    written_at TEXT NOT NULL,
    PRIMARY KEY (rig_id, step)
) STRICT;

CREATE TABLE photo (
    id       TEXT    NOT NULL PRIMARY KEY,
    rig_id   TEXT    NOT NULL REFERENCES rig (id),
    step     TEXT    NOT NULL,
    kind     TEXT    NOT NULL CHECK (kind IN ('image/jpeg', 'image/png')),
    wide     INTEGER NOT NULL,
    tall     INTEGER NOT NULL,
    bytes    BLOB    NOT NULL,
    taken_at TEXT    NOT NULL
) STRICT;

CREATE INDEX photo_by_rig ON photo (rig_id, step);

PRAGMA user_version = 5;
