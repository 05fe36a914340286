"""What is learnt of the painter: pace, drying, bias, waste. Shown with its spread, offered."""
