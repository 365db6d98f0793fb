-- What a meter said at a rig: the last reading of each point. What was expected there is derived from the rig.
CREATE TABLE reading (
    rig_id  TEXT NOT NULL REFERENCES rig (id),
    point   TEXT NOT NULL,
    value   REAL NOT NULL,
    by_hand INTEGER NOT NULL CHECK (by_hand IN (0, 1)),
    read_at TEXT NOT NULL,
    PRIMARY KEY (rig_id, point)
) STRICT;

PRAGMA user_version = 6;
