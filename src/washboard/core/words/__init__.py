"""Words: titles, sentences and reasons of passes, from the figures of the plan that they are about."""
