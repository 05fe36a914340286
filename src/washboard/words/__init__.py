"""Words: the catalogue of all that the program says, and the one place where sentences are said."""

from .languages import ENGLISH, LANGUAGES, speaker, speaking
from .speaker import About, Said, Speaker

__all__ = ["ENGLISH", "LANGUAGES", "About", "Said", "Speaker", "speaker", "speaking"]
