"""Words: the catalogue of all that the program says, and the one place where sentences are said."""

from .speaker import ENGLISH, About, Said, Speaker

__all__ = ["ENGLISH", "About", "Said", "Speaker"]
