### The page on which a tablet or phone is paired.

pair-title = Pair this device
pair-how = The code stands on the desk, under Tablet and phone.
pair-code = Code
pair-name = A name for this device
pair-do = Pair it
pair-trust = So that this device can keep a piece for an easel without the network, install this machine's certificate in its settings. It vouches for private addresses only, and can be removed there at any time.
pair-certificate = Get the certificate
