"""The stages from bytes to plan: pure steps, and the row that joins and remembers them."""

from .results import Before, Framed, Reference, Result, Seen
from .stages import Stages

__all__ = ["Before", "Framed", "Reference", "Result", "Seen", "Stages"]
