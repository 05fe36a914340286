"""The palette: which of a picture's colours and values the paints that come along can reach."""
