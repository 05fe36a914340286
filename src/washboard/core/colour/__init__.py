"""Colour: Munsell value, CIE Lab under D65 and the 2° observer, sRGB, colour differences, words."""
