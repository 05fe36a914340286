### What is said of a data folder: written into one file, restored, looked over.

backup-written = { $pieces ->
    [one] One piece
   *[other] { $pieces } pieces
}, { $files ->
    [one] one file
   *[other] { $files } files
}, { $megabytes } MB written and verified.
backup-missing = { $count ->
    [one] One file was
   *[other] { $count } files were
} missing in the folder already: washboard doctor tells more.
backup-restored = { $pieces ->
    [one] One piece
   *[other] { $pieces } pieces
} of { $created } restored to { $folder }, { $megabytes } MB.

doctor-no-folder = There is no folder { $folder } yet: it is made when Washboard starts.
doctor-empty = Nothing is kept in { $folder } yet.
doctor-read-only = { $folder } may not be written to. Change its owner or its rights.
doctor-disk = The disk has { $megabytes } MB left. Make room before you go on: what does not fit is refused, and what is there stays.
doctor-in-use = A Washboard (process { $process }) is at work in it.
doctor-no-database = The database cannot be read ({ $error }). Restore the last backup with washboard restore.
doctor-damaged = The database is damaged ({ $error }). Make a copy of the folder, then restore the last backup with washboard restore --instead.
doctor-loose = { $count ->
    [one] One row
   *[other] { $count } rows
} of the database refer to what is not there. Make a copy of the folder, then restore the last backup with washboard restore --instead.
doctor-newer = The folder was written by a newer Washboard (version { $schema }, this one knows { $newest }). Update this one: it touches nothing until then.
doctor-older = The folder is of an earlier version ({ $schema }); it is brought to { $newest } when Washboard starts. A backup first does no harm.
doctor-pieces = { $count ->
    [0] No piece is kept.
    [one] One piece is kept.
   *[other] { $count } pieces are kept.
}
doctor-missing = { $count ->
    [one] One file is missing ({ $first }…).
   *[other] { $count } files are missing (the first { $first }…).
} Maps are worked out anew when the piece is opened; a missing photo comes back from a backup only.
doctor-changed = { $count ->
    [one] One file has changed on the disk ({ $first }…).
   *[other] { $count } files have changed on the disk (the first { $first }…).
} Look after the disk, and restore the last backup with washboard restore --instead.
doctor-left = { $megabytes } MB are left from work that was broken off; they go when Washboard starts.
