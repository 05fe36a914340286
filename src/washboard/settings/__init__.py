"""What a painter decides about a piece: every setting declared once, grouped by what it is about.

A declaration says a setting's type, default, words in the history, when it falls back, and which stage of the
computation reads it. Rows, the models of the web interface, keys of what is remembered and the core's values
all follow from it.
"""

from .fields import changed_by, fields_of, settings_of
from .settings import Settings, declared
from .stage import Stage

__all__ = ["Settings", "Stage", "changed_by", "declared", "fields_of", "settings_of"]
