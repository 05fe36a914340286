### Was über einen Datenordner gesagt wird: in eine Datei geschrieben, zurückgeholt, durchgesehen.

backup-written = { $pieces ->
    [one] Ein Bild
   *[other] { $pieces } Bilder
}, { $files ->
    [one] eine Datei
   *[other] { $files } Dateien
}, { $megabytes } MB geschrieben und geprüft.
backup-missing = { $count ->
    [one] Eine Datei fehlte
   *[other] { $count } Dateien fehlten
} schon im Ordner: washboard doctor sagt mehr.
backup-restored = { $pieces ->
    [one] Ein Bild
   *[other] { $pieces } Bilder
} vom { $created } nach { $folder } zurückgeholt, { $megabytes } MB.

doctor-no-folder = Den Ordner { $folder } gibt es noch nicht: er entsteht, wenn Washboard startet.
doctor-empty = In { $folder } liegt noch nichts.
doctor-read-only = In { $folder } darf nicht geschrieben werden. Besitzer oder Rechte ändern.
doctor-disk = Auf der Platte sind { $megabytes } MB frei. Vor dem Weiterarbeiten Platz schaffen: was nicht passt, wird abgelehnt, und was da ist, bleibt.
doctor-in-use = Ein Washboard (Prozess { $process }) arbeitet darin.
doctor-no-database = Die Datenbank ist nicht zu lesen ({ $error }). Die letzte Sicherung mit washboard restore zurückholen.
doctor-damaged = Die Datenbank ist beschädigt ({ $error }). Den Ordner kopieren, dann die letzte Sicherung mit washboard restore --instead zurückholen.
doctor-loose = { $count ->
    [one] Eine Zeile
   *[other] { $count } Zeilen
} der Datenbank verweisen auf etwas, das nicht da ist. Den Ordner kopieren, dann die letzte Sicherung mit washboard restore --instead zurückholen.
doctor-newer = Der Ordner stammt von einem neueren Washboard (Fassung { $schema }, dieses kennt { $newest }). Dieses aktualisieren: bis dahin rührt es nichts an.
doctor-older = Der Ordner ist von einer früheren Fassung ({ $schema }); beim Start wird er auf { $newest } gebracht. Eine Sicherung vorher schadet nicht.
doctor-pieces = { $count ->
    [0] Kein Bild ist da.
    [one] Ein Bild ist da.
   *[other] { $count } Bilder sind da.
}
doctor-missing = { $count ->
    [one] Eine Datei fehlt ({ $first }…).
   *[other] { $count } Dateien fehlen (die erste { $first }…).
} Karten werden neu berechnet, wenn das Bild geöffnet wird; ein fehlendes Foto kommt nur aus einer Sicherung zurück.
doctor-changed = { $count ->
    [one] Eine Datei hat sich auf der Platte verändert ({ $first }…).
   *[other] { $count } Dateien haben sich auf der Platte verändert (die erste { $first }…).
} Die Platte prüfen und die letzte Sicherung mit washboard restore --instead zurückholen.
doctor-left = { $megabytes } MB sind von abgebrochener Arbeit übrig; sie verschwinden beim Start.
