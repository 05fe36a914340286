"""The answers to questions about a piece, one file a subject: what runs in the workers."""
