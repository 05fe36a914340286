### Die Seite, auf der ein Tablet oder Telefon gekoppelt wird.

pair-title = Dieses Gerät koppeln
pair-how = Der Code steht am Schreibtisch unter Tablet und Telefon.
pair-code = Code
pair-name = Ein Name für dieses Gerät
pair-do = Koppeln
pair-trust = Damit dieses Gerät ein Bild für eine Staffelei ohne Netz behalten kann, das Zertifikat dieses Rechners in seinen Einstellungen einrichten. Es bürgt nur für private Adressen und lässt sich dort jederzeit entfernen.
pair-certificate = Zertifikat holen
